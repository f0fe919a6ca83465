<script lang="ts">
	import { getContext } from 'svelte';
	import type { Component } from 'svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	let { data } = $props();
	const desk = getContext<Desk>('desk');
	const Bench = $derived(
		data.Bench as unknown as Component<{ desk: Desk; drafts: typeof data.drafts; rack: typeof data.rack }>
	);
</script>

{#key `${desk.facts.id}-${data.station}-${desk.facts.wheel?.id ?? 0}`}<Bench
		{desk}
		drafts={data.drafts}
		rack={data.rack}
	/>{/key}
