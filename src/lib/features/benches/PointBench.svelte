<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import type { Reason } from '$core/calculation/verdict';
	import { quantity } from '$core/quantity/format';
	import { found } from '$lib/drawing/found';
	import PointDrawing from '$lib/drawing/PointDrawing.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A mounted point drawn in its collet as it is typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const num = (v: unknown): number | null => (typeof v === 'number' ? v : null);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(v, system, output)}
		{@const out = output as { reasons?: Reason[] } | null}
		<PointDrawing
			headMm={num(v.headDiameterMm) ?? 20}
			longMm={num(v.headLengthMm) ?? 25}
			shankMm={Number(v.spindleDiameterMm) || 6}
			overhangMm={num(v.overhangMm)}
			gripMm={num(output?.gripMm)}
			share={num(output?.whirlShare)}
			grip={found(out, 'grip-short')}
			whirl={found(out, 'whirl', 'whirl-near')}
			show={(mm) => quantity(mm, 'mm', system)}
		/>
	{/snippet}
</CalculationBench>
