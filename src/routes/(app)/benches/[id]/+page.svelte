<script lang="ts">
	import type { Component } from 'svelte';
	import CalculationBench from '$lib/features/benches/CalculationBench.svelte';
	import BlocksBench from '$lib/features/benches/form/BlocksBench.svelte';
	import CouponBench from '$lib/features/benches/form/CouponBench.svelte';
	import FormBench from '$lib/features/benches/form/FormBench.svelte';
	import PassesBench from '$lib/features/benches/form/PassesBench.svelte';
	import ProgramBench from '$lib/features/benches/form/ProgramBench.svelte';
	import StackBench from '$lib/features/benches/form/StackBench.svelte';
	import DrawnBench from '$lib/features/benches/DrawnBench.svelte';
	import FinishBench from '$lib/features/benches/FinishBench.svelte';
	import MarkingBench from '$lib/features/benches/MarkingBench.svelte';
	import RingBench from '$lib/features/benches/RingBench.svelte';
	import StiffnessBench from '$lib/features/benches/StiffnessBench.svelte';
	import TapPlanBench from '$lib/features/benches/TapPlanBench.svelte';
	import ShapeBench from '$lib/features/benches/ShapeBench.svelte';
	import SpeedBench from '$lib/features/benches/SpeedBench.svelte';
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
		'spec.parse-marking': MarkingBench,
		'spec.diagnose-finish': FinishBench,
		'spec.surface-speed': SpeedBench,
		'spec.speed-statement': SpeedBench,
		'spec.shape': ShapeBench,
		'inspect.tap-plan': TapPlanBench,
		'inspect.sonic-modulus': StiffnessBench,
		'inspect.ring-analysis': RingBench,
		'mount.point': DrawnBench,
		'balance.two-planes': DrawnBench,
		'prove.chatter-speed': DrawnBench,
		'prove.system-stiffness': DrawnBench,
		'form.sine-stack': BlocksBench,
		'form.radius-setting': BlocksBench,
		'form.block-stack': StackBench,
		'form.build-profile': FormBench,
		'form.mirror': FormBench,
		'form.check-profile': FormBench,
		'form.tool-path': FormBench,
		'form.sample': FormBench,
		'form.parse-dxf': FormBench,
		'form.write-dxf': FormBench,
		'form.passes': PassesBench,
		'form.gcode': ProgramBench,
		'form.compare-measured': CouponBench
	};
	const Bench = $derived(OWN[c.id] ?? CalculationBench);
</script>

<svelte:head><title>{c.title} - Uncinus</title></svelte:head>
<main class="page">
	{#key c.id}<Bench calculation={c} draft={data.draft} quoted={c.id === 'spec.speed-statement'} />{/key}
</main>
