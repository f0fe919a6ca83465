<script lang="ts">
	import { untrack } from 'svelte';
	import type { Calculation } from '$core/calculation/define';
	import type { Reason } from '$core/calculation/verdict';
	import { quantity } from '$core/quantity/format';
	import { found } from '$lib/drawing/found';
	import PointDrawing from '$lib/drawing/PointDrawing.svelte';
	import SpringBack from '$lib/drawing/prove/SpringBack.svelte';
	import WaveDial from '$lib/drawing/prove/WaveDial.svelte';
	import TwoPlanesFaces from '$lib/drawing/TwoPlanesFaces.svelte';
	import CalculationBench from './CalculationBench.svelte';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
	}
	/** A calculation with the drawing that carries its answer, drawn as it is typed. */
	let { calculation, draft }: Props = $props();
	const c = untrack(() => calculation);
	const d = untrack(() => draft);
	type Values = Readonly<Record<string, unknown>>;
	type Reading = { ampMmPerS: number; phaseDeg: number };
	type Read = { tS: number; sizeUm?: number; watts?: number };
	const num = (v: unknown): number | null => (typeof v === 'number' ? v : null);
	const rows = <T,>(v: unknown): T[] => (Array.isArray(v) ? (v as T[]) : []);
	const needles = (out: Values) =>
		[
			{ name: 'work', fraction: num(out.fractionWork) },
			{ name: 'wheel', fraction: num(out.fractionWheel) }
		].flatMap(({ name, fraction }) => (fraction === null ? [] : [{ name, fraction }]));
</script>

<CalculationBench calculation={c} draft={d}>
	{#snippet drawing(v, system, output)}
		{#if c.id === 'mount.point'}
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
		{:else if c.id === 'balance.two-planes'}<TwoPlanesFaces
				readings={v.initial ? rows<Reading>(v.initial) : [null, null]}
				corrections={output ? rows(output.corrections) : null}
				show={(gmm) => quantity(gmm, 'gmm', system)}
			/>
		{:else if output && c.id === 'prove.chatter-speed'}<WaveDial needles={needles(output)} />
		{:else if output}<SpringBack
				points={rows<Read>(v.sizes ?? v.power).map((r) => [r.tS, r.sizeUm ?? r.watts ?? 0] as const)}
				fit={{ tauS: num(output.tauS) ?? 1, c: num(output.cUm) ?? 0 }}
				enoughS={num(output.toleranceTimeS)}
				show={(x) => quantity(x, v.sizes ? 'um' : 'W', system)}
			/>{/if}
	{/snippet}
</CalculationBench>
