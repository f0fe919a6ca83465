<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { notAsked } from '$core/form/shapes/asked';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import FormFiles from '$lib/drawing/form/FormFiles.svelte';
	import { formDrawn, isLong } from '$lib/drawing/form/form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A calculation about a form, with the face of the wheel and the part beneath it drawn as they are typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	/** Those that make a form are drawn as what they made, those that take one as what they were given. */
	const makes = !c.fields.some((f) => f.name === 'segments');
	const drawn = (values: Record<string, unknown>, output: Record<string, unknown> | null) =>
		formDrawn(makes ? output?.segments : values.segments, values.tool);
	const num = (v: unknown): number | null => (typeof v === 'number' ? v : null);
	/** What the check itself says of stone and abrasive. */
	const limits = (output: Record<string, unknown> | null) => ({
		steepest: num(output?.allowedFlankDeg),
		stock: num(output?.usableStockMm)
	});
</script>

<CalculationBench
	calculation={c}
	draft={d}
	long={isLong}
	hidden={(values) => (c.id === 'form.build-profile' ? notAsked(values.shape) : [])}
>
	{#snippet drawing(values, system, output)}
		{@const f = drawn(values, output)}
		{#if f}{@const l = limits(output)}<FormBoard
				chain={f.chain}
				path={f.path}
				rho={f.rho}
				stoneDeg={f.stoneDeg}
				left={f.left}
				mayLeaveUm={num(values.unreachedToleranceUm) ?? 1}
				steepestDeg={l.steepest}
				stockMm={l.stock}
				units={system}
			/><FormFiles chain={f.chain} />{/if}
	{/snippet}
</CalculationBench>
