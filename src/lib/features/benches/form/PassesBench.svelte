<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { formPasses } from '$core/form/passes';
	import PassBoard from '$lib/drawing/form/PassBoard.svelte';
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
</script>

<CalculationBench calculation={c} draft={d} long={isLong}>
	{#snippet drawing(values, system, output)}
		{@const f = output ? formDrawn(values.segments, values.tool) : null}
		{#if f && output}<PassBoard
				chain={f.chain}
				blankMm={Number(values.blankXMm ?? 0)}
				out={outputAs(formPasses, output)}
				units={system}
			/>{/if}
	{/snippet}
</CalculationBench>
