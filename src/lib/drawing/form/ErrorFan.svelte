<script lang="ts">
	import type { Point, Segment } from '$core/form/profile/segment';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { boardScale, drawnChain } from './board-scale';

	interface Props {
		chain: readonly Segment[];
		/** Measured points where they were laid, how far each is off, and which way is out. */
		points: readonly { p: Point; errorUm: number; out: Point }[];
		toleranceUm: number | null;
		units: System;
	}
	/** The form with every measured error standing on it, magnified: abrasive too high points into the air. */
	let { chain, points, toleranceUm, units }: Props = $props();
	const s = $derived(boardScale(chain, { left: 20, top: 60, width: 600, height: 130 }));
	const most = $derived(Math.max(1e-6, ...points.map((o) => Math.abs(o.errorUm)), toleranceUm ?? 0));
	/** Drawn so that the largest is this high. */
	const HIGH = 42;
	const perUm = $derived(HIGH / most);
	const worst = $derived(
		points.reduce<(typeof points)[number] | null>(
			(a, o) => (a && Math.abs(a.errorUm) >= Math.abs(o.errorUm) ? a : o),
			null
		)
	);
	const over = (o: (typeof points)[number]) => toleranceUm !== null && Math.abs(o.errorUm) > toleranceUm;
	const foot = (o: (typeof points)[number]): [number, number] => [
		s.z(o.p.zMm - (o.errorUm / 1000) * o.out.zMm),
		s.x(o.p.xMm - (o.errorUm / 1000) * o.out.xMm)
	];
</script>

<svg
	viewBox="0 0 640 250"
	width="100%"
	role="img"
	aria-label={worst
		? `Worst ${quantity(worst.errorUm, 'um', units)} at ${quantity(worst.p.zMm, 'mm', units)}${toleranceUm === null ? '' : `, ${quantity(toleranceUm, 'um', units)} allowed`}`
		: 'No points yet'}
>
	<path d={drawnChain(chain, s)} fill="none" stroke="var(--ink)" stroke-width="2" />
	{#each points as o, i (i)}{@const [x, y] = foot(o)}<line
			x1={x}
			y1={y}
			x2={x + o.errorUm * perUm * o.out.zMm}
			y2={y + o.errorUm * perUm * o.out.xMm}
			stroke={over(o) ? 'var(--stop)' : 'var(--act)'}
			stroke-width={o === worst ? 4 : 2}
		/>{/each}
	<text x="20" y="240">errors {((1000 * perUm) / s.kx).toFixed(0)} times as large as the form is drawn</text>
	{#if worst}{@const [x, y] = foot(worst)}<text
			x={Math.max(60, Math.min(560, x))}
			y={Math.max(16, y - HIGH - 8)}
			text-anchor="middle"
			class="b">{quantity(worst.errorUm, 'um', units)}</text
		>{/if}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.b {
		font: 700 14px var(--mono);
		fill: var(--ink);
	}
</style>
