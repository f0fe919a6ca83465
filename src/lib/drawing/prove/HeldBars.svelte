<script lang="ts">
	interface Props {
		slide: number | null;
		tip: number | null;
		cautionAt: number;
		stopAt: number;
	}
	/** How many times stronger the work is held than the cut pushes, sliding and tipping, against where care and where the stop begins. */
	let { slide, tip, cautionAt, stopAt }: Props = $props();
	const [W, MAX] = [264, 6];
	const x = (v: number) => Math.min(W, (v / MAX) * W);
	const rows = $derived([
		{ name: 'Sliding', v: slide, none: 'cannot slide' },
		{ name: 'Tipping', v: tip, none: 'cannot tip' }
	]);
	const tone = (v: number) => (v < stopAt ? 'var(--stop)' : v < cautionAt ? 'var(--caution)' : 'var(--ok)');
</script>

<svg
	viewBox="0 0 {W} 118"
	width="100%"
	role="img"
	aria-label={rows
		.map((r) => `${r.name}: ${r.v === null ? r.none : `held ${r.v.toFixed(1)} times`}`)
		.join('; ') + `; stop under ${stopAt}, care under ${cautionAt}`}
>
	{#each rows as r, i (r.name)}
		<text x="0" y={14 + i * 46} class="n">{r.name}</text>
		<text x={W} y={14 + i * 46} text-anchor="end" class="v"
			>{r.v === null ? r.none : `${r.v.toFixed(1)} ×`}</text
		>
		<rect x="0" y={20 + i * 46} width={W} height="13" fill="var(--bar)" />
		{#if r.v !== null}<rect x="0" y={20 + i * 46} width={x(r.v)} height="13" fill={tone(r.v)} />{/if}
	{/each}
	{#each [stopAt, cautionAt] as at (at)}<line
			x1={x(at)}
			x2={x(at)}
			y1="18"
			y2="84"
			stroke="var(--ink)"
			stroke-width="1.5"
		/>{/each}
	<text x={x(stopAt)} y="100" text-anchor="middle">{stopAt}</text>
	<text x={x(cautionAt)} y="100" text-anchor="middle">{cautionAt}</text>
	<text x="0" y="115">stop, care, held</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.n {
		font-weight: 600;
		fill: var(--ink);
	}
	.v {
		font: 700 14px var(--mono);
		fill: var(--ink);
	}
</style>
