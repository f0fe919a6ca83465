<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { STATIONS, STATION_NAMES, type StationId } from '$core/route/station-names';
	import { METHODS } from '$core/route/stations/mount/methods';
	import { MACHINE_WORDS, TEMPLATE_FIELDS } from '$core/route/templates';
	import CopyRoute from '$lib/features/shop/CopyRoute.svelte';
	import RouteChecks from '$lib/features/shop/RouteChecks.svelte';
	import SortList from '$lib/ui/fields/SortList.svelte';
	import { when } from '$lib/words';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	const mountingWords = Object.fromEntries(Object.entries(METHODS).map(([id, way]) => [id, way.words]));
	let { data } = $props();
	const now = $derived(data.history[0]!);
	const entry = untrack(
		() =>
			new Entry({
				fields: TEMPLATE_FIELDS,
				key: `route-${data.history[0]!.code}`,
				draft: data.draft,
				start: { ...data.history[0]!, note: '' }
			})
	);
	const sender = new Sender();
	const stations = $derived((entry.typed.stations ?? []) as StationId[]);
	const left = $derived(STATIONS.filter((s) => !stations.includes(s)));
	const set = (list: StationId[]) => entry.set('stations', list);
	async function save() {
		if (await sender.submitEntry(`/api/routes/${now.code}`, entry, { version: now.version }))
			entry.set('note', '');
	}
	const fixed = (s: string) => s === 'brief' || s === 'keep';
</script>

<svelte:head><title>Route {now.name} - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/shop')}>Shop</a></p>
	<div class="head">
		<h1>Route: {now.name}</h1>
		<p class="lead">Version {now.version}. A setup keeps the version it started with.</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<section class="sheet" aria-label="Order">
			<h2>Order of the stations</h2>
			<p class="quiet">{data.lead ? 'Drag them, or use the arrows.' : 'A lead changes it.'}</p>
			<SortList
				items={stations.map((s) => ({ id: s, text: STATION_NAMES[s], fixed: fixed(s) }))}
				label="Stations in order"
				disabled={!data.lead}
				onsort={(ids) => set(ids as StationId[])}
				onremove={(id) => set(stations.filter((s) => s !== id))}
			/>
			{#if data.lead && left.length}<div class="row">
					{#each left as s (s)}<button
							class="btn"
							onclick={() => set([...stations.slice(0, -1), s, ...stations.slice(-1)])}
							>Add {STATION_NAMES[s]}</button
						>{/each}
				</div>{/if}
			{#if entry.faultAt('stations')}<p class="fault">{entry.faultAt('stations')}</p>{/if}
		</section>
		<section class="sheet" aria-label="What it is">
			<TextField {entry} name="name" /><TextField {entry} name="why" /><ChoiceField
				{entry}
				name="mounting"
				words={mountingWords}
				list
			/>{#if stations.includes('machine')}<ChoiceField
					{entry}
					name="machineAsks"
					words={MACHINE_WORDS}
					list
				/>{/if}
			<h2>Checks of this shop</h2>
			<RouteChecks {entry} {stations} disabled={!data.lead} />
			{#if data.lead}<TextField {entry} name="note" /><ActionBar
					label="Keep as version {now.version + 1}"
					onact={save}
					busy={sender.busy}
					key={false}
				/><CopyRoute {entry} />{/if}
		</section>
		<section class="sheet" aria-label="History">
			<h2>History</h2>
			<ol>
				{#each data.history as h (h.version)}<li>
						<b>{h.version}</b>
						{h.by ? `${h.by}, ${when(h.at)}: ${h.note}` : 'as shipped'}<span
							>{h.stations.map((s) => STATION_NAMES[s]).join(', ')}{h.checks.length
								? `; ${h.checks.length} ${h.checks.length === 1 ? 'check' : 'checks'}`
								: ''}</span
						>
					</li>{/each}
			</ol>
		</section>
	</div>
</main>

<style>
	.cols {
		display: grid;
		grid-template-columns: 300px 1fr 300px;
		gap: var(--s-16);
		align-items: start;
		margin-top: var(--s-10);
	}
	section {
		padding: var(--s-14) var(--s-16);
		display: grid;
		gap: var(--s-8);
		min-width: 0;
	}
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	ol {
		list-style: none;
		padding: 0;
	}
	ol li {
		padding: var(--s-6) 0;
		border-top: 1px solid var(--rule);
		font-size: var(--type-small);
	}
	ol span {
		display: block;
		color: var(--ink2);
		font-size: var(--type-fine);
	}
	@media (max-width: 1100px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
