<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		patch: {
			result: { raUm: number; flatSharePercent: number; activePerMm2: number };
			seen: {
				grains: readonly { yMm: number; zUm: number; sizeUm: number; flatUm: number; active: boolean }[];
				profileUm: readonly number[];
			};
			sizeUm: number;
		};
		units: System;
	}
	/** A window of the patch to scale, its worn flats bright, and the profile it leaves on the part beneath. */
	let { patch, units }: Props = $props();
	const [W, TOP, PROFILE] = [400, 150, 70];
	/** The whole width of the patch, and as much of its length as the same scale shows. */
	const k = $derived(W / (2 * patch.seen.profileUm.length));
	const halfMm = $derived(TOP / k / 2000);
	const shown = $derived(patch.seen.grains.filter((g) => Math.abs(g.yMm) < halfMm + g.sizeUm / 1000));
	const high = $derived(Math.max(1e-6, ...patch.seen.profileUm.map(Math.abs)));
	const step = $derived(Math.max(1, Math.floor(patch.seen.profileUm.length / W)));
	const line = $derived(
		patch.seen.profileUm
			.filter((_, i) => i % step === 0)
			.map(
				(v, i) =>
					`${(i * step * 2 * k).toFixed(1)},${(TOP + 12 + PROFILE / 2 - (v / high) * (PROFILE / 2 - 4)).toFixed(1)}`
			)
			.join(' ')
	);
</script>

<svg
	viewBox="0 0 {W} {TOP + PROFILE + 36}"
	width="100%"
	role="img"
	aria-label="Patch: {patch.result.activePerMm2.toFixed(
		1
	)} grains cut in a square millimetre, {patch.result.flatSharePercent.toFixed(
		2
	)} % worn flats; the part comes out at Ra {quantity(patch.result.raUm, 'um-Ra', units)}"
>
	<defs><clipPath id="patch-window"><rect width={W} height={TOP} /></clipPath></defs>
	<rect width={W} height={TOP} fill="var(--wheel-ink)" opacity="0.35" />
	<g clip-path="url(#patch-window)">
		{#each shown as g, i (i)}<circle
				cx={g.zUm * k}
				cy={TOP / 2 + 1000 * g.yMm * k}
				r={(g.sizeUm / 2) * k}
				fill={g.active ? 'var(--wheel-fill)' : 'var(--wheel-edge)'}
				stroke="var(--wheel-ink)"
				stroke-width="0.5"
			/>{#if g.flatUm > 0}<circle
					cx={g.zUm * k}
					cy={TOP / 2 + 1000 * g.yMm * k}
					r={Math.max(0.8, g.flatUm * k)}
					fill="#fff"
				/>{/if}{/each}
	</g>
	<rect y={TOP + 12} width={W} height={PROFILE} fill="var(--well)" />
	<polyline points={line} fill="none" stroke="var(--ink)" stroke-width="1.2" />
	<text x="0" y={TOP + PROFILE + 30}
		>{quantity((2 * patch.seen.profileUm.length) / 1000, 'mm', units)} wide; profile {quantity(
			2 * high,
			'um',
			units
		)} from top to bottom</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
