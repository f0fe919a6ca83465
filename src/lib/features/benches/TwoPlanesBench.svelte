<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { quantity } from '$core/quantity/format';
	import TwoPlanesFaces from '$lib/drawing/TwoPlanesFaces.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Both planes with their readings and corrections, as they are typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	type Reading = { ampMmPerS: number; phaseDeg: number };
	const readingsOf = (v: unknown) => (Array.isArray(v) ? (v as Reading[]) : [null, null]);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(v, system, output)}
		<TwoPlanesFaces
			readings={readingsOf(v.initial)}
			corrections={output ? (output.corrections as { gmm: number; angleDeg: number }[]) : null}
			show={(gmm) => quantity(gmm, 'gmm', system)}
		/>
	{/snippet}
</CalculationBench>
