<script lang="ts">
	import type { Verdict } from '$core/calculation/verdict';
	import { useUnits } from '$lib/ui/use-units';
	interface Props {
		restGapMm: number | null;
		tongueGapMm: number | null;
		/** What was found of each gap; null while nothing was. */
		rest: Verdict | null;
		tongue: Verdict | null;
		atCentre: boolean | null;
		words: string;
	}
	/** A bench grinder from the side: rest and tongue with their gaps, drawn many times too wide so that they can be seen. */
	let { restGapMm, tongueGapMm, rest, tongue, atCentre, words }: Props = $props();
	const { q } = useUnits();
	const W = 264,
		H = 250,
		cx = 104,
		cy = 140,
		r = 82;
	/** Eight times too wide, and never off the drawing. */
	const wide = (mm: number | null) => Math.min(44, 8 * (mm ?? 1.5));
	const colour = (found: Verdict | null) =>
		found === null ? 'var(--ink2)' : found === 'ok' ? 'var(--ok)' : 'var(--stop)';
	const restX = $derived(cx + r + wide(restGapMm));
	const restY = $derived(atCentre === false ? cy - 26 : cy + 4);
	const tongueY = $derived(cy - r - wide(tongueGapMm));
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Bench grinder from the side, gaps drawn eight times too wide. {words}"
>
	<path
		d="M{cx - r - 14} {cy + 40}A{r + 16} {r + 16} 0 0 1 {cx + 8} {cy - r - 15}"
		fill="none"
		stroke="var(--steel)"
		stroke-width="9"
	/>
	<circle {cx} {cy} {r} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" stroke-width="1.5" /><circle
		{cx}
		{cy}
		r="24"
		fill="var(--flange)"
		stroke="var(--edge)"
	/><circle {cx} {cy} r="7" fill="var(--steel)" />
	<line x1={cx + 30} x2={W - 6} y1={cy} y2={cy} stroke="var(--edge)" stroke-dasharray="4 4" />
	<rect x={restX} y={restY} width={Math.max(20, W - restX - 8)} height="13" fill="var(--steel)" /><path
		d="M{restX + 14} {restY + 13}v34h12v-34z"
		fill="var(--steel)"
	/>
	<path d="M{cx} {tongueY - 12}h44v12h-44z" fill="var(--steel)" />
	<path d="M{cx + r} {restY - 6}v-12M{restX} {restY - 6}v-12" stroke={colour(rest)} stroke-width="2" />
	<text x={Math.min(W - 4, restX + 6)} y={restY - 12} text-anchor="start" style:fill={colour(rest)} class="n"
		>{restGapMm === null ? 'rest ?' : q(restGapMm, 'mm')}</text
	>
	<text x={cx + 52} y={tongueY - 2} style:fill={colour(tongue)} class="n"
		>{tongueGapMm === null ? 'tongue ?' : q(tongueGapMm, 'mm')}</text
	>
	<text x="6" y={H - 6}>gaps drawn eight times too wide</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 700 14px var(--mono);
	}
</style>
