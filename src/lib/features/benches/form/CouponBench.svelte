<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation, OutputOf } from '$core/calculation/define';
	import { whenRight } from '$core/calculation/attempt';
	import type { compareMeasured } from '$core/form/compare-measured';
	import { laid } from '$core/form/measured/best-fit';
	import { nearestPlace } from '$core/form/measured/nearest';
	import { measuredPoints } from '$core/form/measured/points';
	import type { Segment } from '$core/form/profile/segment';
	import ErrorFan from '$lib/drawing/form/ErrorFan.svelte';
	import CalculationBench from '../CalculationBench.svelte';
	import { formDrawn } from './form-drawn';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** Measured points on the form that was meant, their errors standing on it. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	/** More lines than that cannot be told apart. */
	const MOST = 400;
	function fan(chain: readonly Segment[], values: Record<string, unknown>, output: Record<string, unknown>) {
		const out = output as unknown as OutputOf<typeof compareMeasured>;
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
