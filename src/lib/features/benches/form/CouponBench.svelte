<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { tryOrNull } from '$core/calculation/attempt';
	import { compareMeasured } from '$core/form/compare-measured';
	import { fanOf } from '$core/form/measured/fan';
	import { measuredPoints } from '$core/form/measured/points';
	import type { Segment } from '$core/form/profile/segment';
	import { scanned } from '$core/form/stand-ins/scanner';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import ErrorFan from '$lib/drawing/form/ErrorFan.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '$lib/workers/output-as';
	import { formDrawn } from '$lib/drawing/form/form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Measured points on the form that was meant, their errors standing on it. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const formOf = (entry: Entry) => formDrawn(entry.result.values.segments, null);
	/** The profile scanner of the trainer: a face that was made a little off, the same every time. */
	function scan(entry: Entry) {
		const f = formOf(entry);
		if (!f) return;
		const side = entry.result.values.source === 'coupon' ? -1 : 1;
		const points = scanned(f.chain, MADE);
		entry.set('points', []);
		entry.set('csv', points.map((p) => `${p.zMm.toFixed(5)},${(side * p.xMm).toFixed(5)}`).join('\n'));
	}
	const MADE = {
		count: 120,
		noseErrorUm: 6,
		shiftZMm: 0.08,
		shiftXMm: -0.05,
		turnDeg: 0,
		wearUm: 8,
		sigmaUm: 0.6,
		seed: 29
	};
	function fan(chain: readonly Segment[], values: Record<string, unknown>, output: Record<string, unknown>) {
		const given = tryOrNull(() =>
			measuredPoints((values.points as number[][] | null) ?? null, (values.csv as string | null) ?? null)
		);
		const source = values.source === 'coupon' ? 'coupon' : 'wheel';
		return given ? fanOf(chain, given, source, outputAs(compareMeasured, output)) : [];
	}
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet keys(entry)}<button class="btn" onclick={() => scan(entry)} disabled={!formOf(entry)}
			>Scanner stand-in</button
		>{/snippet}
	{#snippet drawing(values, system, output)}
		{@const f = output ? formDrawn(values.segments, null) : null}
		{#if f && output}<ErrorFan
				chain={f.chain}
				points={fan(f.chain, values, output)}
				toleranceUm={typeof values.toleranceUm === 'number' ? values.toleranceUm : null}
				units={system}
			/>{/if}
	{/snippet}
</CalculationBench>
