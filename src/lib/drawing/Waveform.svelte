<script lang="ts">
	interface Props {
		low: readonly number[];
		high: readonly number[];
		seconds: number;
		taps: readonly number[];
		odd: readonly number[];
		height?: number;
	}
	/** A recording at a glance, with its taps numbered; those that stand out are marked by an octagon beneath as well as by colour. */
	let { low, high, seconds, taps, odd, height = 120 }: Props = $props();
	const W = 720;
	const mid = $derived((height - 18) / 2);
	const top = $derived(Math.max(0.02, ...high, ...low.map((v) => -v)));
	const y = (v: number) => mid - (v / top) * (mid - 3);
	const shape = $derived(
		`M${high.map((v, i) => `${i} ${y(v).toFixed(1)}`).join('L')}L${[...low]
			.reverse()
			.map((v, i) => `${low.length - 1 - i} ${y(v).toFixed(1)}`)
			.join('L')}Z`
	);
	const x = (s: number) => (s / seconds) * W;
	const few = $derived(taps.length <= 24);
</script>

<div>
	<svg
		viewBox="0 0 {W} {height}"
		width="100%"
		{height}
		preserveAspectRatio="none"
		role="img"
		aria-label="The recording, {seconds.toFixed(1)} seconds with {taps.length} {taps.length === 1
			? 'tap'
			: 'taps'}{odd.length ? `; standing out: ${odd.join(', ')}` : ''}"
	>
		<rect width={W} {height} fill="var(--well)" />
		<path d={shape} fill="var(--steel)" />
		{#each taps as s, i (i)}<line
				x1={x(s)}
				x2={x(s)}
				y1="2"
				y2={height - 16}
				stroke={odd.includes(i + 1) ? 'var(--stop)' : 'var(--edge)'}
				stroke-dasharray="2 3"
				vector-effect="non-scaling-stroke"
			/>{/each}
	</svg>
	{#if few}<ol style="grid-template-columns: repeat({Math.max(1, taps.length)}, 0)" aria-hidden="true">
			{#each taps as s, i (i)}<li class:odd={odd.includes(i + 1)} style="left: {(100 * s) / seconds}%">
					{i + 1}
				</li>{/each}
		</ol>{/if}
</div>

<style>
	div {
		width: 100%;
	}
	svg {
		display: block;
	}
	ol {
		position: relative;
		list-style: none;
		height: 17px;
		margin: -17px 0 0;
		padding: 0;
	}
	li {
		position: absolute;
		transform: translateX(-1px);
		font: 600 13px/17px var(--mono);
		color: var(--ink2);
		padding-left: 3px;
	}
	.odd {
		color: var(--stop);
		font-weight: 700;
	}
</style>
