<script lang="ts">
	import { untrack } from 'svelte';
	import { InputFault } from '$core/calculation/fault';
	import type { Calculation } from '$core/calculation/define';
	import { tapPlan } from '$core/inspect/tap-plan';
	import TapFace from '$lib/drawing/TapFace.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Where to tap, drawn on the face as the sizes are typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const plan = (values: Record<string, unknown>) => {
		try {
			return tapPlan.run(values);
		} catch (e) {
			if (e instanceof InputFault) return null;
			throw e;
		}
	};
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values)}
		{@const p = plan(values)}
		{#if p}<TapFace
				places={p.taps.map((t) => t.wheelAngleDeg)}
				radius={p.tapRadiusMm}
				diameter={Number(values.diameterMm)}
				at={null}
				states={[]}
				held="pin"
			/>{/if}
	{/snippet}
</CalculationBench>
