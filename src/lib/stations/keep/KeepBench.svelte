<script lang="ts">
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import AsideParts from '$lib/desk/AsideParts.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { type Part, Parts } from '$lib/desk/parts.svelte';
	import NowPart from './NowPart.svelte';

	type Id = 'now' | 'book' | 'ways' | 'speed' | 'interval' | 'g-ratio' | 'compare' | 'jet' | 'trouble';
	interface Props {
		desk: SetupSession;
	}
	/** Hold the shape, use the wheel up well, know when the next one is needed. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const finished = $derived(facts.state === 'finished');
	const all = $derived<Part<Id>[]>([
		{ id: 'now', title: 'Now', lines: [] },
		{ id: 'book', title: "The wheel's book", lines: [] },
		{ id: 'ways', title: 'Two ways to redress', lines: [], closed: finished },
		{ id: 'speed', title: 'Speed as it shrinks', lines: [] },
		{
			id: 'interval',
			title: 'When to redress the form',
			lines: [],
			aside: true,
			closed: finished || !facts.stations.includes('form')
		},
		{ id: 'g-ratio', title: 'G ratio', lines: [], aside: true, closed: finished },
		{ id: 'compare', title: 'Before and after a redress', lines: [], aside: true, closed: finished },
		{ id: 'jet', title: 'Coolant jet', lines: [], aside: true, closed: finished || !facts.machine.wet },
		{ id: 'trouble', title: 'Find the trouble', lines: [], aside: true, closed: finished }
	]);
	const parts = new Parts<Id>(desk, 'keep', () => all);
	const now = () => parts.choose('now');
</script>

<AsideParts title="Keep" {parts} home="now" />
<PartTabs {parts} of="keeping" />
{#if parts.open === 'book'}{#await import('./BookPart.svelte') then { default: Book }}<Book
			{desk}
			ondone={now}
		/>{/await}
{:else if parts.open === 'ways'}{#await import('./WaysPart.svelte') then { default: Ways }}<Ways
			{desk}
			ondone={now}
		/>{/await}
{:else if parts.open === 'speed'}{#await import('./SpeedPart.svelte') then { default: Speed }}<Speed
			{desk}
		/>{/await}
{:else if parts.open === 'g-ratio'}{#await import('./GRatioPart.svelte') then { default: GRatio }}<GRatio
			{desk}
			ondone={now}
		/>{/await}
{:else if parts.open === 'trouble'}{#await import('../prove/TroublePart.svelte') then { default: Trouble }}<Trouble
			{desk}
		/>{/await}
{:else if parts.open === 'compare'}{#await import('../prove/ComparePart.svelte') then { default: Compare }}<Compare
			{desk}
			ondone={now}
		/>{/await}
{:else if parts.open === 'jet'}{#await import('../prove/JetPart.svelte') then { default: Jet }}<Jet
			{desk}
			ondone={now}
		/>{/await}
{:else if parts.open === 'interval'}{#await import('./IntervalPart.svelte') then { default: Interval }}<Interval
			{desk}
			ondone={now}
		/>{/await}
{:else if finished}{#await import('./FinishedPart.svelte') then { default: Finished }}<Finished
			{desk}
		/>{/await}
{:else}<NowPart {desk} onbook={() => parts.choose('book')} />{/if}
