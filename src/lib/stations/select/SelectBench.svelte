<script lang="ts">
	import { resolve } from '$app/paths';
	import { quantity } from '$core/quantity/format';
	import { requiredSpec } from '$core/route/stations/brief/steps';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/words';
	import CanBeDressed from './CanBeDressed.svelte';
	import CompareWheels from './CompareWheels.svelte';
	import NothingFits from './NothingFits.svelte';
	import RankedList from './RankedList.svelte';
	import RuledOut from './RuledOut.svelte';
	import WheelFoot from './WheelFoot.svelte';

	interface Props {
		desk: SetupSession;
	}
	let { desk }: Props = $props();
	const rack = $derived(desk.rack!);
	const f = $derived(desk.facts);
	const byNumber = $derived(new Map(rack.wheels.map((w) => [w.number, w])));
	const ranked = $derived(rack.ranked);
	let picked = $state<string | null>(null);
	const current = $derived(picked ?? f.wheel?.number ?? ranked[0]?.id ?? null);
	const wheel = $derived(current ? (byNumber.get(current) ?? null) : null);
	const best = $derived(ranked.find((r) => r.id === current));
	const wanted = $derived(requiredSpec(f).marking);
	const taken = $derived(f.wheel?.number === current);
	let marked = $state<string[]>([]);
	let view = $state<'list' | 'compare' | 'none'>('list');
	const compared = $derived(
		marked
			.map((id) => ({ wheel: byNumber.get(id)!, ranked: ranked.find((r) => r.id === id)! }))
			.filter((x) => x.wheel && x.ranked)
	);
	/** Marks a wheel for comparing; the oldest mark goes when there are three. */
	const mark = (id: string) =>
		(marked = marked.includes(id) ? marked.filter((x) => x !== id) : [...marked, id].slice(-3));
	function compare() {
		if (view === 'compare') {
			view = 'list';
			return;
		}
		if (marked.length < 2) marked = ranked.slice(0, 3).map((r) => r.id);
		view = 'compare';
	}
	const keys = (e: KeyboardEvent) => {
		if (
			!(e.target instanceof HTMLElement && e.target.matches('input, textarea, select')) &&
			!e.ctrlKey &&
			!e.metaKey &&
			e.key.toLowerCase() === 'c' &&
			ranked.length > 1
		) {
			e.preventDefault();
			compare();
		}
	};
	async function take() {
		if (taken) return desk.onward();
		if (current && (await desk.record('select', 'take', null, { wheelNumber: current }))) picked = null;
	}
</script>

<svelte:window onkeydown={keys} />
<h1>Select</h1>
<p class="lead">
	{MATERIAL_WORDS[f.brief.material]}{f.brief.hardnessHrc === null ? '' : ` ${f.brief.hardnessHrc} HRC`}, {OPERATION_WORDS[
		f.brief.operation
	]}, Ra {quantity(f.brief.targetRaUm, 'um-Ra', f.units)} asked. Wanted: <b class="num">{wanted}</b>
	<a href={resolve(`/setups/${f.id}/brief`)}>why</a>
</p>
{#if view === 'compare' && compared.length > 1}<CompareWheels
		list={compared}
		spindleRpm={f.machine.spindleRpm}
		targetRaUm={f.brief.targetRaUm}
		units={f.units}
	/>
{:else if view === 'none' || !ranked.length}{#if !ranked.length}<p class="none">
			No wheel on the rack may go on this spindle for this job.
		</p>{/if}<NothingFits facts={f} {wanted} near={rack.near} wheels={byNumber} />
{:else}
	<RankedList
		{ranked}
		{byNumber}
		{current}
		{marked}
		units={f.units}
		onpick={(id) => (picked = id)}
		onmark={mark}
	/>
{/if}
<RuledOut {rack} {byNumber} />
{#if wheel && view === 'list'}
	<WheelFoot facts={f} {wheel} />
	<CanBeDressed facts={f} {wheel} />
	{#if best && best.scorePoints < 70}<Reasons
			reasons={[
				{
					code: 'no-good-match',
					severity: 'caution',
					message: `Wheel ${wheel.number} is a compromise: ${best.scorePoints.toFixed(0)} points.`
				}
			]}
		/>{/if}
{/if}
<ActionBar
	forward={taken}
	label={taken ? 'On to inspecting' : current ? `Take wheel ${current}` : 'None fits'}
	onact={take}
	busy={desk.busy}
	disabled={!current}
>
	{#if current && ranked.some((r) => r.id === current) && view === 'list'}<button
			class="btn"
			aria-pressed={marked.includes(current)}
			onclick={() => mark(current)}>{marked.includes(current) ? 'Unmark' : 'Mark to compare'}</button
		>{/if}
	{#if ranked.length > 1}<button class="btn" aria-pressed={view === 'compare'} onclick={compare}
			>{view === 'compare'
				? 'Back to the list'
				: `Compare ${marked.length > 1 ? marked.length : 'the first three'}`}
			<kbd aria-hidden="true">C</kbd></button
		>{/if}
	<button
		class="btn"
		aria-pressed={view === 'none'}
		onclick={() => (view = view === 'none' ? 'list' : 'none')}
		>{view === 'none' ? 'Back to the list' : 'None fits'}</button
	>
	{#snippet aside()}<ShowWorking computed={[rack.ranking]} system={f.units} />{/snippet}
</ActionBar>

<style>
	.none {
		padding: var(--s-14);
	}
</style>
