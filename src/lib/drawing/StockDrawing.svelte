<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		rough: readonly [number, number];
		fine: readonly [number, number];
		spark: number;
		done: number;
		diameterMm: number;
		afterMm: number;
		leastMm: number;
		units: System;
	}
	/** The stock in layers, a bar a pass: rough, fine and without feed; those made are filled. Below, the diameter before and after, and where it is scrap. */
	let { rough, fine, spark, done, diameterMm, afterMm, leastMm, units }: Props = $props();
	const W = 430;
	const bars = $derived(
		[
			...Array.from({ length: rough[0] }, () => ({ kind: 'rough', um: rough[1] })),
			...Array.from({ length: fine[0] }, () => ({ kind: 'fine', um: fine[1] })),
			...Array.from({ length: spark }, () => ({ kind: 'no feed', um: 0 }))
		].slice(0, 120)
	);
	const most = $derived(Math.max(1, rough[1], fine[1]));
	const w = $derived(Math.min(26, (W - 8) / Math.max(1, bars.length)));
	const x = (mm: number) => 4 + ((W - 8) * (mm - leastMm * 0.9)) / (diameterMm - leastMm * 0.9);
	const tone = { rough: 'var(--act)', fine: 'var(--ok)', 'no feed': 'var(--ink3)' } as Record<string, string>;
</script>

<svg
	viewBox="0 0 {W} 128"
	width="100%"
	role="img"
	aria-label="{rough[0]} rough, {fine[0]} fine and {spark} passes without feed, {done} made; diameter {quantity(
		diameterMm,
		'mm',
		units
	)} to {quantity(afterMm, 'mm', units)}, scrap below {quantity(leastMm, 'mm', units)}"
>
	{#each bars as b, i (i)}{@const tall = b.um ? 12 + 48 * (b.um / most) : 7}<rect
			x={4 + i * w}
			y={70 - tall}
			width={Math.max(2, w - 3)}
			height={tall}
			fill={i < done ? tone[b.kind] : 'none'}
			stroke={tone[b.kind]}
			stroke-width="1.5"
		/>{/each}
	<rect x={x(leastMm)} y="92" width={x(diameterMm) - x(leastMm)} height="10" fill="var(--ok-soft)" /><rect
		x="4"
		y="92"
		width={x(leastMm) - 4}
		height="10"
		fill="var(--stop-soft)"
	/>
	<line x1={x(afterMm)} x2={x(afterMm)} y1="86" y2="108" stroke="var(--act)" stroke-width="3" /><text
		x={Math.min(W - 4, x(afterMm))}
		y="124"
		text-anchor="end"
		class="n">⌀ {quantity(diameterMm, 'mm', units)} to {quantity(afterMm, 'mm', units)}</text
	><text x={x(leastMm)} y="124" text-anchor="middle">scrap {quantity(leastMm, 'mm', units)}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--mono);
		fill: var(--ink2);
	}
	.n {
		font-weight: 700;
		fill: var(--ink);
	}
</style>
