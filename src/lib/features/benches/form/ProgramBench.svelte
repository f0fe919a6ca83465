<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { gcode } from '$core/form/gcode';
	import { programLines } from '$core/form/program/lines';
	import ProgramText from '$lib/drawing/form/ProgramText.svelte';
	import FormBoard from '$lib/drawing/form/FormBoard.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '$lib/workers/output-as';
	import { formDrawn, isLong } from '$lib/drawing/form/form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** The program beside its picture: the block that is picked lights its move. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	let picked = $state(0);
</script>

<CalculationBench calculation={c} draft={d} long={isLong}>
	{#snippet drawing(values, system, output)}
		{@const f = output ? formDrawn(values.segments, values.tool) : null}
		{#if f && output}
			{@const out = outputAs(gcode, output)}
			{@const lines = programLines(out.text, f.path.length ? f.path : f.chain, {
				direction: values.direction === 'minus-z' ? 'minus-z' : 'plus-z',
				arcFormat: values.arcFormat === 'R' ? 'R' : 'IK'
			})}
			{@const lit = lines[picked]?.move ?? null}
			<FormBoard chain={f.chain} path={f.path} rho={f.rho} stoneDeg={f.stoneDeg} {lit} units={system} />
			<ProgramText text={out.text} {lines} bind:picked />
		{/if}
	{/snippet}
</CalculationBench>
