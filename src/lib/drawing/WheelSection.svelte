<script lang="ts">
	import { MOUNTED_POINT } from '$core/spec/shape-tables';
	import { useUnits } from '$lib/ui/use-units';
	import { toneOf } from './polar';

	interface Props {
		wheel: {
			number?: string;
			shape?: string;
			family: string | null;
			diameterMm: number;
			newDiameterMm: number;
			minDiameterMm: number;
			boreMm: number;
			widthMm: number;
		};
		flangeMm?: number | null;
		height?: number;
	}
	/** The wheel cut through its axis, to scale: worn, scrap and new diameter, bore and flanges. */
	let { wheel, flangeMm = null, height = 150 }: Props = $props();
	const W = 320;
	const t = $derived(toneOf(wheel.family));
	/** As large as fits, with room for the words at both sides. */
	const k = $derived(Math.min((height - 16) / wheel.newDiameterMm, 118 / wheel.widthMm));
	const point = $derived(wheel.shape === MOUNTED_POINT);
	const w = $derived(Math.max(8, wheel.widthMm * k * 1));
	const cx = 150;
	const cy = $derived(height / 2);
	const y = (d: number) => cy - (d / 2) * k;
	const { f, q } = useUnits();
	const show = (v: number) => f(v, 'mm');
</script>

<svg
	viewBox="0 0 {W} {height}"
	width="100%"
	role="img"
	aria-label="Wheel cut through: diameter {q(wheel.diameterMm, 'mm')} of {q(
		wheel.newDiameterMm,
		'mm'
	)}, scrap at {q(wheel.minDiameterMm, 'mm')}, {point ? 'shank' : 'bore'} {q(wheel.boreMm, 'mm')}, width {q(
		wheel.widthMm,
		'mm'
	)}"
>
	<line
		x1={cx - w / 2 - 26}
		x2={cx + w / 2 + 26}
		y1={y(wheel.newDiameterMm)}
		y2={y(wheel.newDiameterMm)}
		stroke="var(--edge)"
		stroke-dasharray="2 4"
	/>
	<line
		x1={cx - w / 2 - 26}
		x2={cx + w / 2 + 26}
		y1={y(-wheel.newDiameterMm)}
		y2={y(-wheel.newDiameterMm)}
		stroke="var(--edge)"
		stroke-dasharray="2 4"
	/>
	{#if flangeMm && !point}{#each [-1, 1] as side (side)}<rect
				x={side < 0 ? cx - w / 2 - 9 : cx + w / 2}
				y={y(flangeMm)}
				width="9"
				height={flangeMm * k}
				fill="var(--track)"
				stroke="var(--edge)"
			/>{/each}{/if}
	<rect
		x={cx - w / 2}
		y={y(wheel.diameterMm)}
		width={w}
		height={((wheel.diameterMm - wheel.boreMm) / 2) * k}
		fill={t.main}
		stroke={t.edge}
	/>
	{#if point}<rect
			x={cx - w / 2}
			y={y(wheel.diameterMm)}
			width={w}
			height={wheel.diameterMm * k}
			fill={t.main}
			stroke={t.edge}
		/>{/if}
	<rect
		x={cx - w / 2}
		y={cy + (wheel.boreMm / 2) * k}
		width={w}
		height={((wheel.diameterMm - wheel.boreMm) / 2) * k}
		fill={t.main}
		stroke={t.edge}
	/>
	<!-- A bore goes through; a shank is cemented in and comes out at the back. -->
	<rect
		x={cx - w / 2 - (point ? 40 : 0)}
		y={y(wheel.boreMm)}
		width={point ? 40 + 0.4 * w : w}
		height={wheel.boreMm * k}
		fill="var(--flange)"
		stroke="var(--edge)"
	/>
	<line
		x1={cx - w / 2 - 30}
		x2={cx + w / 2 + 14}
		y1={y(wheel.minDiameterMm)}
		y2={y(wheel.minDiameterMm)}
		stroke="var(--caution)"
		stroke-width="1.5"
		stroke-dasharray="5 3"
	/>
	<text x={cx - w / 2 - 34} y={y(wheel.minDiameterMm) + 4} text-anchor="end" fill="var(--caution)"
		>scrap {show(wheel.minDiameterMm)}</text
	>
	<path d="M{cx + w / 2 + 2} {y(wheel.diameterMm)}h26" stroke="var(--ink2)" /><text
		class="num"
		x={cx + w / 2 + 32}
		y={Math.max(14, y(wheel.diameterMm) + 8)}
		fill="var(--ink)">⌀ {show(wheel.diameterMm)}</text
	>
	<path d="M{cx + w / 2 + 10} {cy}h18" stroke="var(--ink2)" /><text
		class="num"
		x={cx + w / 2 + 32}
		y={cy + 4}
		fill="var(--ink)">{point ? 'shank' : 'bore'} {show(wheel.boreMm)}</text
	>
	<text class="num" x={cx + w / 2 + 32} y={height - 8} fill="var(--ink)">{show(wheel.widthMm)} wide</text>
</svg>

<style>
	text {
		font: 500 13px var(--text);
	}
	.num {
		font-family: var(--mono);
	}
</style>
