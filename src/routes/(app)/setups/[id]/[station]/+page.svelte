<script lang="ts">
	import { getContext, untrack } from 'svelte';
	import type { Desk } from '$lib/desk/desk.svelte';

	let { data } = $props();
	const desk = getContext<Desk>('desk');
	/** What belongs to the open station is on the desk before its bench is made. */
	$effect.pre(() => {
		desk.rack = data.rack;
	});
	untrack(() => {
		desk.rack = data.rack;
		desk.drafts = data.drafts;
	});
	$effect.pre(() => {
		desk.drafts = data.drafts;
	});
	const Bench = $derived(data.Bench);
</script>

{#key `${desk.facts.id}-${data.station}-${desk.facts.wheel?.id ?? 0}`}<Bench {desk} />{/key}
