<script lang="ts">
	import type { Component } from 'svelte';
	import CalculationBench from '$lib/stations/bench/CalculationBench.svelte';
	import FinishBench from '$lib/stations/bench/FinishBench.svelte';
	import MarkingBench from '$lib/stations/bench/MarkingBench.svelte';
	import RingBench from '$lib/stations/bench/RingBench.svelte';
	import StiffnessBench from '$lib/stations/bench/StiffnessBench.svelte';
	import TapPlanBench from '$lib/stations/bench/TapPlanBench.svelte';
	import ShapeBench from '$lib/stations/bench/ShapeBench.svelte';
	import SpeedBench from '$lib/stations/bench/SpeedBench.svelte';
	import { calculation } from '$core/calculations';

	let { data } = $props();
	const c = $derived(calculation(data.id));
	/** Benches with a drawing or an order of their own; every other one is made from its field list. */
	const OWN: Record<
		string,
		Component<{
			draft: Record<string, unknown> | null;
			calculation: ReturnType<typeof calculation>;
			quoted?: boolean;
		}>
	> = {
		'spec.parse-marking': MarkingBench as never,
		'spec.diagnose-finish': FinishBench as never,
		'spec.surface-speed': SpeedBench as never,
		'spec.speed-statement': SpeedBench as never,
		'spec.shape': ShapeBench,
		'inspect.tap-plan': TapPlanBench,
		'inspect.sonic-modulus': StiffnessBench,
		'inspect.ring-analysis': RingBench
	};
	const Bench = $derived(OWN[c.id] ?? CalculationBench);
</script>

<svelte:head><title>{c.title} - Uncinus</title></svelte:head>
<main class="page">
	{#key c.id}<Bench calculation={c} draft={data.draft} quoted={c.id === 'spec.speed-statement'} />{/key}
</main>
