<script lang="ts">
	import { polar } from './polar';

	interface Props {
		/** What shakes in each plane, and what has to be put there: the back first. Null while it is not known. */
		readings: readonly ({ ampMmPerS: number; phaseDeg: number } | null)[];
		corrections: readonly { gmm: number; angleDeg: number }[] | null;
		show: (gmm: number) => string;
	}
	/** The two planes side by side, both seen from the front: the reading as an arrow, the correction as a weight where it goes. */
	let { readings, corrections, show }: Props = $props();
	const [W, H, R] = [420, 214, 78];
	const CX = [104, 316] as const;
	const CY = 104;
	const most = $derived(Math.max(1e-9, ...readings.map((r) => r?.ampMmPerS ?? 0)));
	const heaviest = $derived(Math.max(1e-9, ...(corrections ?? []).map((c) => c.gmm)));
	const NAMES = ['plane 1, back', 'plane 2, front'];
	const words = $derived(
		NAMES.map((n, i) => {
			const c = corrections?.[i];
			return c ? `${n}: ${show(c.gmm)} at ${Math.round(c.angleDeg)} degrees` : `${n}: not known yet`;
		}).join('; ')
	);
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label="Two planes, seen from the front. {words}">
	{#each CX as cx, i (cx)}
		{@const r = readings[i]}
		{@const c = corrections?.[i]}
		<circle {cx} cy={CY} r={R} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" stroke-width="1.5" />
		<circle {cx} cy={CY} r="20" fill="var(--flange)" stroke="var(--edge)" />
		<path d="M{cx} {CY - R - 8}v16" stroke="var(--ink)" stroke-width="2" />
		{#if r}
			{@const [x, y] = polar(cx, CY, 24 + (R - 30) * (r.ampMmPerS / most), r.phaseDeg)}
			<path d="M{cx} {CY}L{x} {y}" stroke="var(--ink2)" stroke-width="2.5" />
			<circle cx={x} cy={y} r="4" fill="var(--ink2)" />
		{/if}
		{#if c}
			{@const [x, y] = polar(cx, CY, R - 9, c.angleDeg)}
			<circle
				cx={x}
				cy={y}
				r={6 + 7 * (c.gmm / heaviest)}
				fill="var(--act)"
				stroke="var(--sheet)"
				stroke-width="2"
			/>
			<text x={cx} y={H - 14} text-anchor="middle" class="num" fill="var(--act)"
				>{show(c.gmm)} at {Math.round(c.angleDeg)}°</text
			>
		{:else}<text x={cx} y={H - 14} text-anchor="middle" fill="var(--ink2)">{NAMES[i]}</text>{/if}
	{/each}
</svg>

<style>
	/* On a tablet it leaves the fields in sight. */
	svg {
		max-width: 420px;
	}
	text {
		font: 500 13px var(--text);
	}
	.num {
		font: 700 14px var(--mono);
	}
</style>
