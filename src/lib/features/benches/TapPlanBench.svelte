<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
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
</script>

<CalculationBench {calculation} {draft}>
	{#snippet drawing(values)}
		{@const p = tryOrNull(() => tapPlan.run(values))}
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
