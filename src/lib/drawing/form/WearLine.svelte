<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Worn off the form for each mm ground. */
		perMm: number;
		points: readonly { groundMm: number; lossUm: number }[];
		/** Redressed after so much. */
		atMm: number;
		/** What wear may take, and the whole tolerance. */
		mayLoseUm: number;
		toleranceUm: number;
		units: System;
	}
	/** What a form loses as it grinds: falling with each part, set back by each redress, never to leave the tolerance. */
	let { perMm, points, atMm, mayLoseUm, toleranceUm, units }: Props = $props();
	const [W, H, LEFT, TOP] = [420, 190, 46, 14];
	const ROUNDS = 3;
	const most = $derived(Math.max(ROUNDS * atMm, ...points.map((p) => p.groundMm)));
	const deep = $derived(Math.max(toleranceUm * 1.15, ...points.map((p) => p.lossUm * 1.1)));
	const x = (mm: number) => LEFT + (mm / most) * (W - LEFT - 10);
	const y = (um: number) => TOP + (um / deep) * (H - TOP - 30);
	const saw = $derived(
		Array.from(
			{ length: ROUNDS },
			(_, i) => `M${x(i * atMm)} ${y(0)}L${x((i + 1) * atMm)} ${y(perMm * atMm)}V${y(0)}`
		).join('')
	);
	const um = (v: number) => quantity(v, 'um', units);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="The form loses {um(perMm)} for each millimetre ground; redressed after {quantity(
		atMm,
		'mm',
		units
	)} it has lost {um(perMm * atMm)} of {um(toleranceUm)}"
>
	<rect x={LEFT} y={y(0)} width={W - LEFT - 10} height={y(mayLoseUm) - y(0)} fill="var(--ok-soft)" />
	<path d="M{LEFT} {y(toleranceUm)}H{W - 10}" stroke="var(--stop)" stroke-dasharray="6 4" />
	<path d={saw} fill="none" stroke="var(--act)" stroke-width="2" />
	<path d="M{LEFT} {y(0)}H{W - 10}M{LEFT} {TOP}V{H - 30}" stroke="var(--ink2)" fill="none" />
	{#each points as p, i (i)}<circle cx={x(p.groundMm)} cy={y(p.lossUm)} r="4.5" fill="var(--ink)" />{/each}
	<text x={W - 12} y={y(toleranceUm) + 14} text-anchor="end">tolerance {um(toleranceUm)}</text>
	<text x={LEFT - 6} y={y(mayLoseUm) + 4} text-anchor="end">{um(mayLoseUm)}</text>
	<text x={x(atMm)} y={H - 10} text-anchor="middle">{quantity(atMm, 'mm', units)}</text>
	<text x={W - 12} y={H - 10} text-anchor="end">ground</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
