<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import MeasurePart from './MeasurePart.svelte';
	import { standingOf } from './standing';

	/** Balancing, its other parts loaded when they are opened: the stand, what is measured and where the weights go, the weights themselves, and other ways of correcting. */
	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const PARTS = [
		['measure', 'Measure and move'],
		['stand', 'Level the stand'],
		['track', 'Weights'],
		['other', 'Screws and dimples']
	] as const;
	let part = $state<(typeof PARTS)[number][0]>('measure');
	const s = $derived(standingOf(desk.facts));
	const onStand = $derived(desk.facts.stations.indexOf('balance') < desk.facts.stations.indexOf('dress'));
</script>

<h1>Balance</h1>
<p class="lead">
	{onStand
		? 'Whole flange assembly on the stand, level. '
		: 'In the machine, guard shut, nobody in line. '}Witness mark at 12. Roll {s.rolls + (s.done ? 0 : 1)}.
</p>
<div class="tabs" role="group" aria-label="Part of balancing">
	{#each PARTS as [id, name] (id)}<button
			class="btn"
			class:on={part === id}
			aria-pressed={part === id}
			onclick={() => (part = id)}>{name}</button
		>{/each}
</div>
{#if part === 'measure'}<MeasurePart {desk} {drafts} {onStand} />
{:else if part === 'stand'}{#await import('./StandPart.svelte') then { default: StandPart }}<StandPart
			{desk}
			draft={drafts['balance-level'] ?? null}
			ondone={() => (part = 'measure')}
		/>{/await}
{:else if part === 'track'}{#await import('./TrackPart.svelte') then { default: TrackPart }}<TrackPart
			{desk}
			draft={drafts['balance-track'] ?? null}
			ondone={() => (part = 'measure')}
		/>{/await}
{:else}{#await import('./OtherPart.svelte') then { default: OtherPart }}<OtherPart
			{desk}
			{drafts}
			ondone={() => (part = 'measure')}
		/>{/await}{/if}

<style>
	.tabs {
		display: flex;
		gap: 6px;
		margin: 10px 0 4px;
		flex-wrap: wrap;
	}
</style>
