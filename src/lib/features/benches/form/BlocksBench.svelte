<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { tryOrNull } from '$core/calculation/attempt';
	import { radiusSetting } from '$core/form/radius-setting';
	import { sineStack } from '$core/form/sine-stack';
	import SineDrawing from '$lib/drawing/form/SineDrawing.svelte';
	import SwingDrawing from '$lib/drawing/form/SwingDrawing.svelte';
	import CalculationBench from '../CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A form dresser and its stacks, drawn as they are typed: tilted on its pins, or swung about its axis. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values, system)}
		{#if c.id === sineStack.id}{@const out = tryOrNull(() => sineStack.run(values))}{#if out}<SineDrawing
					angleDeg={Number(values.angleDeg)}
					pinsMm={Number(values.pinDistanceMm)}
					lowerMm={out.lowerStackMm}
					upperMm={out.upperStackMm}
					units={system}
				/>{/if}{:else}{@const out = tryOrNull(() => radiusSetting.run(values))}{#if out}<SwingDrawing
					radiusMm={Number(values.wheelRadiusMm)}
					convex={values.side === 'convex'}
					fromDeg={out.from.angleFromRadialDeg}
					toDeg={out.to.angleFromRadialDeg}
					stopFromDeg={typeof values.stopFromDeg === 'number' ? values.stopFromDeg : null}
					stopToDeg={typeof values.stopToDeg === 'number' ? values.stopToDeg : null}
					stackMm={out.stackMm}
					bad={out.verdict === 'stop'}
					units={system}
				/>{/if}{/if}
	{/snippet}
</CalculationBench>
