<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { blockStack } from '$core/form/block-stack';
	import StacksDrawing from '$lib/drawing/form/StacksDrawing.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '$lib/workers/output-as';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Blocks chosen for a height, both stacks drawn as they are wrung. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values, system, output)}
		{#if output}{@const out = outputAs(blockStack, output)}<StacksDrawing
				base={out.baseBlocksMm}
				blocks={out.blocksMm}
				wearMm={Number(values.wearBlockMm ?? 0)}
				wearCount={out.wearBlockCount}
				differenceMm={out.differenceMm}
				units={system}
			/>{/if}
	{/snippet}
</CalculationBench>
