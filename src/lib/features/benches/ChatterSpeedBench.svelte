<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import WaveDial from '$lib/drawing/prove/WaveDial.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Where the next turn meets the waves of the one before. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const num = (v: unknown): number | null => (typeof v === 'number' ? v : null);
	const needles = (out: Record<string, unknown> | null) =>
		(['work', 'wheel'] as const).flatMap((name) => {
			const fraction = num(out?.[name === 'work' ? 'fractionWork' : 'fractionWheel']);
			return fraction === null ? [] : [{ name, fraction }];
		});
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(_v, _system, output)}{#if output}<WaveDial needles={needles(output)} />{/if}{/snippet}
</CalculationBench>
