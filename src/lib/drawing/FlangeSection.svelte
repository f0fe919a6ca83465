<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { toneOf } from './polar';

	interface Props {
		wheel: { family: string | null; diameterMm: number; boreMm: number; widthMm: number };
		flangeMm: number;
		frontFlangeMm: number;
		recessMm: number;
		blotterMm: number;
		minMm: number;
		units: System;
	}
	/** Wheel, flanges, hollows and blotters cut through, to scale; what is under size is marked. */
	let { wheel, flangeMm, frontFlangeMm, recessMm, blotterMm, minMm, units }: Props = $props();
	const q = (mm: number) => quantity(mm, 'mm', units);
	const H = 250;
	const t = $derived(toneOf(wheel.family));
	const k = $derived((H - 20) / wheel.diameterMm);
	const w = $derived(wheel.widthMm * k);
	const cx = 112,
		cy = H / 2;
	const bad = $derived(
		Math.min(flangeMm, frontFlangeMm) < minMm - 1e-9 || Math.abs(flangeMm - frontFlangeMm) > 0.5
	);
	const half = (d: number) => (d / 2) * k;
</script>

<svg
	viewBox="0 0 250 {H}"
	width="100%"
	role="img"
	aria-label="Section: flange {q(flangeMm)} and {q(frontFlangeMm)} on a {q(
		wheel.diameterMm
	)} wheel, at least {q(minMm)} needed{bad ? ', not right' : ''}"
>
	{#each [-1, 1] as s (s)}
		<rect
			x={cx - w / 2}
			y={s < 0 ? cy - half(wheel.diameterMm) : cy + half(wheel.boreMm)}
			width={w}
			height={half(wheel.diameterMm) - half(wheel.boreMm)}
			fill={t.main}
			stroke={t.edge}
		/>
		{#each [[-1, flangeMm], [1, frontFlangeMm]] as [side, d] (side)}
			{@const x = side! < 0 ? cx - w / 2 - 3 : cx + w / 2 + 3}
			<rect
				x={side! < 0 ? x : x - 3}
				y={s < 0 ? cy - half(blotterMm) : cy + half(wheel.boreMm)}
				width="3"
				height={Math.max(0, half(blotterMm) - half(wheel.boreMm))}
				fill="var(--spark)"
			/>
			<path
				d="M{x} {cy + s * half(d!)}V{cy + s * half(recessMm)}h{side! * 7}V{cy}h{side! * 9}V{cy +
					s * half(d!)}z"
				fill={bad ? 'var(--stop-soft)' : 'var(--track)'}
				stroke={bad ? 'var(--stop)' : 'var(--steel)'}
			/>
		{/each}
	{/each}
	<rect
		x={cx - w / 2 - 34}
		y={cy - half(wheel.boreMm) + 1}
		width={w + 74}
		height={2 * half(wheel.boreMm) - 2}
		fill="var(--flange)"
		stroke="var(--steel)"
	/>
	<line
		x1={cx - w / 2 - 30}
		x2={cx + w / 2 + 40}
		y1={cy - half(minMm)}
		y2={cy - half(minMm)}
		stroke="var(--caution)"
		stroke-dasharray="5 3"
	/>
	<text x={cx + w / 2 + 43} y={cy - half(minMm) + 4} fill="var(--caution)"
		>least {figure(minMm, 'mm', units)}</text
	>
	<text x={cx + w / 2 + 43} y={cy + 4} class="num">{figure(wheel.boreMm, 'mm', units)}</text>
	<text x={cx + w / 2 + 26} y={cy + half(recessMm) + 12}>hollow</text><text
		x={cx + w / 2 + 12}
		y={cy + half(blotterMm) + 14}
		fill="var(--spark)">blotter</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.num {
		font-family: var(--mono);
	}
</style>
