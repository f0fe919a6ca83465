<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
	import type { Calculation } from '$core/calculation/define';
	import { sonicModulus } from '$core/inspect/sonic-modulus';
	import BatchStrip from '$lib/drawing/BatchStrip.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Stiffness from the note, drawn among the others of its batch. */
	let { calculation, draft }: Props = $props();
</script>

<CalculationBench {calculation} {draft}>
	{#snippet drawing(values)}
		{@const r = tryOrNull(() => sonicModulus.run(values))}
		{#if r}<BatchStrip
				own={r.modulusGPa}
				others={(values.batchModulusGPa ?? []) as number[]}
				middle={r.batchMedianGPa}
			/>{/if}
	{/snippet}
</CalculationBench>
