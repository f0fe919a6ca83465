<script lang="ts">
	import { getContext, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import BenchBoundary from '$lib/desk/BenchBoundary.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	let { data } = $props();
	const desk = getContext<SetupSession>('desk');
	/** What belongs to the open station is on the desk before its bench is made. */
	$effect.pre(() => {
		desk.rack = data.rack;
		desk.book = data.book;
		desk.ours = data.ours;
		desk.helped = data.helped;
	});
	untrack(() => {
		desk.rack = data.rack;
		desk.book = data.book;
		desk.ours = data.ours;
		desk.helped = data.helped;
		desk.drafts = data.drafts;
	});
	$effect.pre(() => {
		desk.drafts = data.drafts;
	});
	const Bench = $derived(data.Bench);
	/** What is done before a wheel is chosen; everything else is done to the wheel. */
	const BEFORE: readonly string[] = ['brief', 'machine', 'select'];
	const wheelless = $derived(!desk.facts.wheel && !BEFORE.includes(data.station));
</script>

{#if wheelless}<h1>{STATION_NAMES[data.station as StationId]}</h1>
	<p class="lead">No wheel is taken yet, so there is nothing to do here.</p>
	<p>
		<a class="btn act" href={resolve(`/setups/${desk.facts.id}/${desk.decision.current}`)}
			>To where it stands</a
		>
	</p>
{:else}{#key `${desk.facts.id}-${data.station}-${desk.facts.wheel?.id ?? 0}`}<BenchBoundary
			prefix={`setup-${desk.facts.id}-${data.station}-`}><Bench {desk} /></BenchBoundary
		>{/key}{/if}
