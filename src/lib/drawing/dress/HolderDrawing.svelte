<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		overhangMm: number;
		heightMm: number;
		limitMm: number | null;
		deflectionUm: number;
		biteUm: number;
		units: System;
	}
	/** The holder to scale from clamp to tip, bent by the force, and how much of the bite that takes. */
	let { overhangMm, heightMm, limitMm, deflectionUm, biteUm, units }: Props = $props();
	const W = 340;
	const k = $derived(Math.min(240 / overhangMm, 34 / heightMm));
	const [length, height] = $derived([overhangMm * k, heightMm * k]);
	/** Drawn so that the whole bite would be 26 high. */
	const sag = $derived(Math.min(26, (26 * deflectionUm) / biteUm));
	const soft = $derived(deflectionUm > 0.2 * biteUm);
	const um = (v: number) => quantity(v, 'um', units);
</script>

<svg
	viewBox="0 0 {W} 96"
	width="100%"
	role="img"
	aria-label="Holder {quantity(overhangMm, 'mm', units)} out gives way by {um(deflectionUm)} of a bite of {um(
		biteUm
	)}{soft ? ', too much' : ''}"
>
	<rect x="0" y="14" width="34" height="62" fill="var(--track)" stroke="var(--edge)" />
	<path
		d="M34 {44 - height / 2}Q{34 + length / 2} {44 - height / 2} {34 + length} {44 -
			height / 2 +
			sag}v{height}Q{34 + length / 2} {44 + height / 2} 34 {44 + height / 2}z"
		fill={soft ? 'var(--caution)' : 'var(--steel)'}
	/>
	{#if limitMm !== null && limitMm < overhangMm}<line
			x1={34 + limitMm * k}
			x2={34 + limitMm * k}
			y1="8"
			y2="80"
			stroke="var(--ok)"
			stroke-width="2"
		/>{/if}
	<path d="M{34 + length} {44 - height / 2 + sag - 4}l5 -10h-10z" fill="var(--ink)" />
	<text x="0" y="93"
		>gives way by {um(deflectionUm)} of {um(biteUm)}{limitMm !== null && limitMm < overhangMm
			? `; green: clamp it at ${quantity(limitMm, 'mm', units)}`
			: ''}</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
