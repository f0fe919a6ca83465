<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import type { OutputOf } from '$core/calculation/define';
	import type { blockStack } from '$core/form/block-stack';
	import StacksDrawing from '$lib/drawing/form/StacksDrawing.svelte';
	import CalculationBench from '../CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Blocks chosen for a height, both stacks drawn as they are wrung. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const stacks = (output: Record<string, unknown>) => output as unknown as OutputOf<typeof blockStack>;
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values, system, output)}
		{#if output}{@const out = stacks(output)}<StacksDrawing
				base={out.baseBlocksMm}
				blocks={out.blocksMm}
				wearMm={Number(values.wearBlockMm ?? 0)}
				wearCount={out.wearBlockCount}
				differenceMm={out.differenceMm}
				units={system}
			/>{/if}
	{/snippet}
</CalculationBench>
