<script lang="ts">
	interface Props {
		own: number;
		others: readonly number[];
		middle: number | null;
		lowPct?: number;
		stopPct?: number;
	}
	/** Wheels of one batch on a scale of stiffness: the others, their middle, and this one. */
	let { own, others, middle, lowPct = 8, stopPct = 20 }: Props = $props();
	const W = 360;
	const all = $derived([own, ...others, ...(middle ? [middle * (1 - stopPct / 100), middle * 1.15] : [])]);
	const from = $derived(Math.min(...all) * 0.97);
	const to = $derived(Math.max(...all) * 1.03);
	const x = (v: number) => 8 + ((v - from) / (to - from || 1)) * (W - 16);
	const words = $derived(
		`Stiffness: this wheel ${own.toFixed(1)} gigapascal${middle ? `, middle of ${others.length} others ${middle.toFixed(1)}` : ', no others rung yet'}`
	);
</script>

<svg viewBox="0 0 {W} 46" width="100%" height="46" role="img" aria-label={words}>
	<rect x="8" y="18" width={W - 16} height="8" fill="var(--bar)" />
	{#if middle}<rect
			x="8"
			y="18"
			width={Math.max(0, x(middle * (1 - stopPct / 100)) - 8)}
			height="8"
			fill="var(--stop-soft)"
		/><rect
			x={x(middle * (1 - stopPct / 100))}
			y="18"
			width={x(middle * (1 - lowPct / 100)) - x(middle * (1 - stopPct / 100))}
			height="8"
			fill="var(--caution-soft)"
		/><line x1={x(middle)} x2={x(middle)} y1="12" y2="32" stroke="var(--ink)" stroke-width="2" /><text
			x={x(middle)}
			y="44"
			text-anchor="middle">{middle.toFixed(0)}</text
		>{/if}
	{#each others as o, i (i)}<circle cx={x(o)} cy="22" r="4.5" fill="var(--edge)" />{/each}
	<path d="M{x(own)} 15l-7 -11h14z" fill="var(--act)" /><circle
		cx={x(own)}
		cy="22"
		r="5.5"
		fill="var(--act)"
	/>
</svg>

<style>
	text {
		font: 600 12px var(--mono);
		fill: var(--ink2);
	}
</style>
