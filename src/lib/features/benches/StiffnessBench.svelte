<script lang="ts">
	import { untrack } from 'svelte';
	import { InputFault } from '$core/calculation/fault';
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
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const result = (values: Record<string, unknown>) => {
		try {
			return sonicModulus.run(values);
		} catch (e) {
			if (e instanceof InputFault) return null;
			throw e;
		}
	};
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values)}
		{@const r = result(values)}
		{#if r}<BatchStrip
				own={r.modulusGPa}
				others={(values.batchModulusGPa ?? []) as number[]}
				middle={r.batchMedianGPa}
			/>{/if}
	{/snippet}
</CalculationBench>
