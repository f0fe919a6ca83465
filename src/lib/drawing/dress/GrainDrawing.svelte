<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		barePercent: number;
		grainUm: number;
		units: System;
	}
	/** Five grains in their bond, cut through: how much of each stands bare. */
	let { barePercent, grainUm, units }: Props = $props();
	const [W, H, S] = [340, 190, 54];
	const bond = $derived(40 + (S * Math.min(100, barePercent)) / 100);
	const hexagon = (cx: number, cy: number, s: number) =>
		Array.from(
			{ length: 6 },
			(_, i) => `${cx + (s / 2) * Math.cos((i * Math.PI) / 3)},${cy + (s / 2) * Math.sin((i * Math.PI) / 3)}`
		).join(' ');
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="{barePercent} percent of each grain of {quantity(grainUm, 'um', units)} stands out of the bond"
>
	<rect y={bond} width={W} height={H - bond} fill="#565b5f" />
	{#each [36, 104, 172, 240, 308] as x, i (x)}<polygon
			points={hexagon(x, 40 + S / 2 + (i % 2) * 3, S)}
			fill="#dfe5e7"
			stroke="#34383b"
		/>{/each}
	<rect y={bond + S * 0.5} width={W} height={H} fill="#565b5f" opacity="0.55" />
	<line x1="0" x2={W} y1={bond} y2={bond} stroke="var(--act)" stroke-width="2" />
	<text x="4" y="26">bare</text><text x="8" y={H - 14} class="lit">bond</text>
</svg>

<style>
	text {
		font: 600 13px var(--text);
		fill: var(--ink2);
	}
	.lit {
		fill: #fff;
	}
</style>
