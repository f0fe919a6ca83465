<script lang="ts">
	import CalculationBench from '$lib/stations/bench/CalculationBench.svelte';
	import { calculation } from '$core/calculations';

	let { data } = $props();
	const c = $derived(calculation(data.id));
</script>

<svelte:head><title>{c.title} - Uncinus</title></svelte:head>
<main class="page">{#key c.id}<CalculationBench calculation={c} draft={data.draft} />{/key}</main>
