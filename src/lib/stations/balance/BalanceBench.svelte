<script lang="ts">
	import type { Desk } from '$lib/desk/desk.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import MeasurePart from './MeasurePart.svelte';
	import { standingOf } from './standing';

	interface Props {
		desk: Desk;
	}
	/** Balancing, its other parts loaded when they are opened: the stand, what is measured and where the weights go, the weights themselves, and other ways of correcting. */
	let { desk }: Props = $props();
	const parts = new Parts(desk, 'balance', () => [
		{ id: 'measure', title: 'Measure and move', lines: ['inside', 'second'] },
		{ id: 'stand', title: 'Level the stand', lines: [] },
		{ id: 'track', title: 'Weights', lines: [] },
		{ id: 'other', title: 'Screws and dimples', lines: [] }
	]);
	const part = $derived(parts.open);
	const s = $derived(standingOf(desk.facts));
	const onStand = $derived(desk.facts.stations.indexOf('balance') < desk.facts.stations.indexOf('dress'));
</script>

<h1>Balance</h1>
<p class="lead">
	{onStand
		? 'Whole flange assembly on the stand, level. '
		: 'In the machine, guard shut, nobody in line. '}Witness mark at 12. Roll {s.rolls + (s.done ? 0 : 1)}.
</p>
<PartTabs {parts} of="balancing" />
{#if part === 'measure'}<MeasurePart {desk} {onStand} />
{:else if part === 'stand'}{#await import('./StandPart.svelte') then { default: StandPart }}<StandPart
			{desk}
			ondone={() => parts.choose('measure')}
		/>{/await}
{:else if part === 'track'}{#await import('./TrackPart.svelte') then { default: TrackPart }}<TrackPart
			{desk}
			ondone={() => parts.choose('measure')}
		/>{/await}
{:else}{#await import('./OtherPart.svelte') then { default: OtherPart }}<OtherPart
			{desk}
			ondone={() => parts.choose('measure')}
		/>{/await}{/if}
