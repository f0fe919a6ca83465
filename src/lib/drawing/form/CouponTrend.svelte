<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Oldest first. */
		coupons: readonly { maxAbsUm: number; toleranceUm: number }[];
		units: System;
	}
	/** How far coupons were off, one after the other, each against its tolerance: a dresser that wears out of its form climbs. */
	let { coupons, units }: Props = $props();
	const [W, H, TOP] = [320, 84, 10];
	const most = $derived(Math.max(1.2, ...coupons.map((c) => c.maxAbsUm / c.toleranceUm)));
	const y = (share: number) => H - 14 - ((H - 14 - TOP) * share) / most;
	const x = (i: number) => 16 + (i * (W - 32)) / Math.max(1, coupons.length - 1);
	const um = (v: number) => quantity(v, 'um', units);
	const line = $derived(
		coupons.map((c, i) => `${i ? 'L' : 'M'}${x(i)} ${y(c.maxAbsUm / c.toleranceUm)}`).join('')
	);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Coupons so far, oldest first: {coupons
		.map((c) => `${um(c.maxAbsUm)} of ${um(c.toleranceUm)}`)
		.join(', ')}"
>
	<path d="M0 {H - 14}H{W}" stroke="var(--rule)" />
	<path d="M0 {y(1)}H{W}" stroke="var(--ink2)" stroke-dasharray="5 4" />
	<text x={W} y={y(1) - 4} text-anchor="end">tolerance</text>
	<path d={line} fill="none" stroke="var(--act)" stroke-width="1.6" />
	{#each coupons as c, i (i)}<circle
			cx={x(i)}
			cy={y(c.maxAbsUm / c.toleranceUm)}
			r="4.5"
			fill={c.maxAbsUm > c.toleranceUm ? 'var(--caution)' : 'var(--act)'}
		/>{/each}
</svg>

<style>
	text {
		font: 500 11px var(--text);
		fill: var(--ink2);
	}
</style>
