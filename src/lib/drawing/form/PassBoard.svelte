<script lang="ts">
	import type { formPasses } from '$core/form/passes';
	import type { Segment } from '$core/form/profile/segment';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import PassLadder from './PassLadder.svelte';

	interface Props {
		chain: readonly Segment[];
		blankMm: number;
		out: Pick<ReturnType<typeof formPasses.run>, 'passes' | 'segmentBites' | 'passCount'>;
		units: System;
	}
	/** Passes nested over the section, one at a time to be looked at. */
	let { chain, blankMm, out, units }: Props = $props();
	let made = $state(1);
	const n = $derived(Math.min(made, out.passCount));
	const pass = $derived(out.passes[n - 1]);
</script>

<PassLadder {chain} {blankMm} passes={out.passes} bites={out.segmentBites} made={n} />
{#if pass}<label
		>Pass {n} of {out.passCount}, {pass.kind}: {quantity(pass.depthUm, 'um', units)} in, touches {quantity(
			pass.contactLengthMm,
			'mm',
			units
		)}<input type="range" min="1" max={out.passCount} bind:value={made} /></label
	>{/if}

<style>
	label {
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
	}
	input {
		width: 100%;
		min-height: var(--hit);
		accent-color: var(--act);
	}
</style>
