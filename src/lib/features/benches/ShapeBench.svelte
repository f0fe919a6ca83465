<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { conventionalSection } from '$core/spec/shape-section';
	import ShapeSection from '$lib/drawing/ShapeSection.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A shape and its sizes, with the section drawn as they are typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(values, system)}
		{@const section =
			typeof values.type === 'string' || typeof values.type === 'number'
				? conventionalSection(String(values.type), values)
				: null}
		{#if section}<ShapeSection {section} units={system} />{/if}
	{/snippet}
</CalculationBench>
