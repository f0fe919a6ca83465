<script lang="ts">
	import { setContext, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import { alsoInches } from '$core/quantity/also-inches';
	import { requiredSpec } from '$core/route/stations/brief/steps';
	import { toneOf } from '$lib/drawing/polar';
	import { DOING } from '$lib/words';
	import { keepOpen } from '$lib/offline/keep-open';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { SetupSession } from '$lib/desk/setup-session.svelte';
	import GateColumn from '$lib/desk/GateColumn.svelte';
	import Keys from '$lib/ui/layout/Keys.svelte';
	import Rim from '$lib/desk/Rim.svelte';
	import ShopChecks from '$lib/desk/ShopChecks.svelte';
	import SetupHeader from '$lib/desk/SetupHeader.svelte';

	let { data, children } = $props();
	const desk = new SetupSession(data.facts, data.decision);
	setContext('desk', desk);
	setContext('system', () => desk.facts.units);
	// At Keep there is always one way on: the next part, or back to the floor.
	setContext('all-met', () => view?.state === 'done' && here !== 'keep');
	$effect.pre(() => desk.update(data.facts, data.decision));
	const here = $derived((page.params.station ?? desk.decision.current) as StationId);
	// For when the network goes; the rack is ranked anew each time it is asked for, so Select is left out.
	$effect(() => {
		const { id, stations } = desk.facts;
		untrack(() =>
			keepOpen(
				id,
				stations.filter((s) => s !== 'select')
			)
		);
	});
	// What waits in this browser stands on top of what the server said.
	$effect(() => {
		void outbox.list;
		void untrack(() => desk.withWhatWaits());
	});
	// What went wrong at one station is not carried to the next.
	$effect(() => {
		void page.url.pathname;
		untrack(() => {
			desk.trouble = null;
		});
	});
	/** A station is open, not a page that belongs to the setup as a whole. */
	const atStation = $derived(page.params.station !== undefined);
	const view = $derived(desk.decision.stations.find((s) => s.id === here));
	const next = $derived(desk.facts.stations[desk.facts.stations.indexOf(here) + 1]);
	const title = $derived(next ? `Before ${DOING[next]}` : 'While grinding');
	/** The open station, once this one is done. */
	const onward = $derived(
		view?.state === 'done' && here !== desk.decision.current && desk.facts.state !== 'finished'
			? {
					name: DOING[desk.decision.current] ?? '',
					station: desk.decision.current
				}
			: null
	);
	const tone = $derived(desk.facts.wheel ? toneOf(desk.facts.wheel.family) : null);
	const wanted = $derived(requiredSpec(desk.facts).marking);
	const checks = $derived(desk.facts.route.checks.filter((c) => c.station === here));
	const stationKeys = $derived(
		desk.decision.stations.map((s, i) => ({
			key: String((i + 1) % 10),
			name: s.name,
			href: `/setups/${desk.facts.id}/${s.id}` as const
		}))
	);
</script>

<svelte:head><title>{STATION_NAMES[here] ?? 'Setup'}, setup {desk.facts.id} - Uncinus</title></svelte:head>
<Keys stations={stationKeys} />
<div class="setup">
	<Rim
		stations={desk.decision.stations}
		{here}
		setupId={desk.facts.id}
		wheel={desk.facts.wheel}
		mount={desk.facts.mount?.code ?? null}
		{wanted}
		units={desk.facts.units}
	/>
	<div class="right">
		<SetupHeader {desk} />
		<div class="body">
			<main
				style={tone ? `--wheel-fill:${tone.light};--wheel-edge:${tone.edge};--wheel-ink:${tone.ink}` : ''}
			>
				{#if desk.trouble}<p class="trouble" role="alert">
						{alsoInches(desk.trouble.message, desk.facts.units)}
					</p>{/if}
				{#if data.asOfToday}<p class="trouble">
						What this setup was finished with was not kept or cannot be read. Wheel, mount and machine are
						shown as they are today; its records stand as they were made.
					</p>{/if}
				{#if data.unreadable.length}<p class="trouble">
						{data.unreadable.length === 1 ? 'A record' : `${data.unreadable.length} records`} of this setup cannot
						be read any more and proves nothing; its step has to be recorded again:
						{#each data.unreadable.slice(0, 5) as id (id)}<a href={resolve(`/log/${id}`)}>{id}</a
							>&nbsp;{/each}
					</p>{/if}
				{#if checks.length && atStation}<ShopChecks {desk} station={here} {checks} />{/if}
				{@render children()}
			</main>
			{#if view && atStation}<GateColumn {title} lines={view.lines} {desk} {onward} />{/if}
		</div>
	</div>
</div>

<style>
	.setup {
		display: grid;
		grid-template-columns: 250px 1fr;
		min-height: 100vh;
	}
	.right {
		display: grid;
		grid-template-rows: auto 1fr;
		min-width: 0;
	}
	.body {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 308px;
	}
	main {
		background: var(--sheet);
		border-top: 3px solid var(--ink);
		padding: var(--s-16) var(--s-24) 0;
		min-width: 0;
		display: flex;
		flex-direction: column;
	}
	.trouble {
		background: var(--stop-soft);
		border-left: 4px solid var(--stop);
		padding: var(--s-8) var(--s-12);
		margin-bottom: var(--s-12);
		font-weight: 600;
		max-width: none;
	}
	@media (max-width: 1080px) {
		.body {
			grid-template-columns: 1fr;
		}
	}
	@media (max-width: 900px) {
		.setup {
			grid-template-columns: minmax(0, 1fr);
			grid-template-rows: auto 1fr;
		}
		main {
			padding: var(--s-14) var(--s-14) 0;
		}
	}
</style>
