<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { formPasses } from '$core/form/passes';
	import { quantity } from '$core/quantity/format';
	import PassLadder from '$lib/drawing/form/PassLadder.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '$lib/workers/output-as';
	import { formDrawn, isLong } from '$lib/drawing/form/form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Passes nested over the section, one at a time to be looked at. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	let made = $state(1);
</script>

<CalculationBench calculation={c} draft={d} long={isLong}>
	{#snippet drawing(values, system, output)}
		{@const f = output ? formDrawn(values.segments, values.tool) : null}
		{#if f && output}{@const out = outputAs(formPasses, output)}{@const n = Math.min(
				made,
				out.passCount
			)}<PassLadder
				chain={f.chain}
				blankMm={Number(values.blankXMm ?? 0)}
				passes={out.passes}
				bites={out.segmentBites}
				made={n}
			/>{#if out.passes[n - 1]}<label
					>Pass {n} of {out.passCount}, {out.passes[n - 1]!.kind}: {quantity(
						out.passes[n - 1]!.depthUm,
						'um',
						system
					)} in, touches {quantity(out.passes[n - 1]!.contactLengthMm, 'mm', system)}<input
						type="range"
						min="1"
						max={out.passCount}
						bind:value={made}
					/></label
				>{/if}{/if}
	{/snippet}
</CalculationBench>

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
