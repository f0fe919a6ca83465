<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		first: number;
		harmonics: readonly { order: number; amplitudeUm: number }[];
		units: System;
	}
	/** How much of a rim is off centre and how much is lobes, as a bar for each order. */
	let { first, harmonics, units }: Props = $props();
	const all = $derived([{ order: 1, amplitudeUm: first }, ...harmonics]);
	const most = $derived(Math.max(1e-9, ...all.map((h) => h.amplitudeUm)));
	const W = 200,
		H = 62;
	const w = $derived(W / all.length);
	const name = (n: number) => (n === 1 ? 'off centre' : `${n} lobes`);
</script>

<svg
	viewBox="0 0 {W} {H + 14}"
	width="100%"
	role="img"
	aria-label={all.map((h) => `${name(h.order)} ${quantity(h.amplitudeUm, 'um', units)}`).join(', ')}
>
	{#each all as h, i (i)}{@const tall = Math.max(1.5, (H - 4) * (h.amplitudeUm / most))}<rect
			x={i * w + w * 0.18}
			y={H - tall}
			width={w * 0.64}
			height={tall}
			fill={h.order === 1 ? 'var(--act)' : 'var(--wheel-edge)'}
		/><text x={i * w + w / 2} y={H + 12} text-anchor="middle">{h.order === 1 ? 'ecc' : h.order}</text>{/each}
</svg>

<style>
	svg {
		max-width: 230px;
	}
	text {
		font: 500 12px var(--mono);
		fill: var(--ink2);
	}
</style>
