<script lang="ts">
	import { fineQuantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { arcPath, polar } from '../polar';

	interface Props {
		radiusMm: number;
		convex: boolean;
		fromDeg: number;
		toDeg: number;
		stopFromDeg: number | null;
		stopToDeg: number | null;
		stackMm: number | null;
		bad: boolean;
		units: System;
	}
	/** The swing seen along it: the arc on the wheel with its tangent points, the stops, and the nose set by the stack. */
	let { radiusMm, convex, fromDeg, toDeg, stopFromDeg, stopToDeg, stackMm, bad, units }: Props = $props();
	const shown = (d: number) => `${Number(d.toFixed(2))}°`;
	/** The wheel lies above; a convex corner bulges down out of it, a hollow opens downward. */
	const [CX, CY, R] = [170, 118, 74];
	/** Angles from the radial line, drawn from straight down for a convex radius and straight up for a hollow. */
	const at = (deg: number, r: number) => polar(CX, CY, r, convex ? 180 - deg : deg);
	const face = (deg: number) => (convex ? 180 - deg : deg);
	const [from, to] = $derived([at(fromDeg, R), at(toDeg, R)]);
	const middle = $derived((fromDeg + toDeg) / 2);
	const tip = $derived(at(middle, R));
	const foot = $derived(at(middle, convex ? R + 44 : R - 44));
	const wheel = $derived(
		convex
			? `${arcPath(CX, CY, R, face(fromDeg), face(toDeg))}L${CX + 150} ${CY - 100}H${CX - 150}Z`
			: `M20 ${CY + 40}H${CX - R}A${R} ${R} 0 0 1 ${CX + R} ${CY + 40}H320V18H20Z`
	);
	const q = (mm: number | null) => fineQuantity(mm, 'mm', units);
</script>

<svg
	viewBox="0 0 340 260"
	width="100%"
	role="img"
	aria-label="{convex ? 'Convex' : 'Hollow'} radius {q(radiusMm)}, swung from {shown(fromDeg)} to {shown(
		toDeg
	)}, stack {q(stackMm)}{bad ? '; stopped' : ''}"
>
	<path d={wheel} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" />
	<line x1={CX} x2={CX} y1="14" y2="232" stroke="var(--ink2)" stroke-dasharray="7 4 2 4" />
	{#each [stopFromDeg, stopToDeg] as stop, i (i)}{#if stop !== null}{@const a = at(stop, R + 40)}<path
				d="M{CX} {CY}L{a[0]} {a[1]}"
				stroke="var(--stop)"
				stroke-width="2.5"
				stroke-dasharray="4 3"
			/>{/if}{/each}
	<path
		d={arcPath(CX, CY, R, face(fromDeg), face(toDeg))}
		fill="none"
		stroke={bad ? 'var(--stop)' : 'var(--act)'}
		stroke-width="4"
	/>
	{#each [[from, fromDeg], [to, toDeg]] as const as [p, deg], at (at)}<circle
			cx={p[0]}
			cy={p[1]}
			r="5"
			fill="var(--ink)"
		/><text x={p[0] + (p[0] < CX ? -10 : 10)} y={p[1] + 5} text-anchor={p[0] < CX ? 'end' : 'start'} class="b"
			>{shown(deg)}</text
		>{/each}
	<circle cx={CX} cy={CY} r="4" fill="var(--ink2)" />
	<path
		d="M{tip[0]} {tip[1]}L{foot[0]} {foot[1]}"
		stroke="var(--ink)"
		stroke-width="9"
		stroke-linecap="round"
	/>
	<text x="6" y="252">stack <tspan class="b">{q(stackMm)}</tspan></text>
	<text x="334" y="252" text-anchor="end">R {q(radiusMm)}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.b {
		font: 700 13px var(--mono);
		fill: var(--ink);
	}
</style>
