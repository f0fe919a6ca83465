<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import { quantity } from '$core/quantity/format';
	import SpringBack from '$lib/drawing/prove/SpringBack.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** What was read while it sparked out, with the curve through it. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	const num = (v: unknown): number | null => (typeof v === 'number' ? v : null);
	type Read = { tS: number; sizeUm?: number; watts?: number };
	const points = (v: Record<string, unknown>) =>
		((v.sizes ?? v.power ?? []) as Read[]).map((r) => [r.tS, r.sizeUm ?? r.watts ?? 0] as const);
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(v, system, output)}
		{@const [tauS, cUm] = [num(output?.tauS), num(output?.cUm)]}
		{#if tauS !== null && cUm !== null}<SpringBack
				points={points(v)}
				fit={{ tauS, c: cUm }}
				enoughS={num(output?.toleranceTimeS)}
				show={(x) => quantity(x, v.sizes ? 'um' : 'W', system)}
			/>{/if}
	{/snippet}
</CalculationBench>
