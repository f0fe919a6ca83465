<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { whenRight } from '$core/calculation/attempt';
	import { compareMeasured } from '$core/form/compare-measured';
	import { laid } from '$core/form/measured/best-fit';
	import { nearestPlace } from '$core/form/measured/nearest';
	import { measuredPoints } from '$core/form/measured/points';
	import type { Segment } from '$core/form/profile/segment';
	import { scanned } from '$core/form/stand-ins/scanner';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import ErrorFan from '$lib/drawing/form/ErrorFan.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { outputAs } from '../output-as';
	import { formDrawn } from './form-drawn';

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
	/** More lines than that cannot be told apart. */
	const MOST = 400;
	function fan(chain: readonly Segment[], values: Record<string, unknown>, output: Record<string, unknown>) {
		const out = outputAs(compareMeasured, output);
		const given = whenRight(() =>
			measuredPoints((values.points as number[][] | null) ?? null, (values.csv as string | null) ?? null)
		);
		if (!given) return [];
		const side = values.source === 'coupon' ? -1 : 1;
		const moved = laid(
			given.map((p) => ({ ...p, xMm: side * p.xMm })),
			{
				zMm: out.appliedZMm,
				xMm: out.appliedXMm,
				rotationRad: (out.appliedRotationDeg * Math.PI) / 180
			}
		);
		const find = nearestPlace(chain);
		const each = Math.max(1, Math.ceil(moved.length / MOST));
		return moved
			.filter((_, i) => i % each === 0)
			.map((p) => ({ p, n: find(p) }))
			.filter((o) => !o.n.beyond)
			.map((o) => ({ p: o.p, errorUm: 1000 * o.n.e, out: o.n.gradient }));
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
