<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { resolve } from '$app/paths';
	import { FAMILY_NAMES } from '$core/spec/families';
	import type { WheelFacts } from '$core/facts/wheel';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { STATE_WORDS, sizeOf } from '$lib/words';
	import DataTable from '$lib/ui/layout/DataTable.svelte';
	import type { Column } from '$lib/ui/layout/data-table';
	import SearchBar from '$lib/ui/layout/SearchBar.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	const { q } = useUnits();
	const left = (w: WheelFacts) =>
		Math.max(0, Math.min(1, (w.diameterMm - w.minDiameterMm) / (w.newDiameterMm - w.minDiameterMm)));
	const limit = (w: WheelFacts) =>
		w.ratedMps !== null ? q(w.ratedMps, 'm/s') : w.ratedRpm !== null ? q(w.ratedRpm, 'rpm') : 'none';
	const columns: Column<WheelFacts>[] = [
		{ id: 'number', title: 'Wheel', value: (w) => w.number, sortable: true },
		{ id: 'canonical', title: 'Marking', value: (w) => w.canonical, sortable: true },
		{ id: 'diameter', title: 'Size now, mm', value: sizeOf, sortable: true },
		{ id: 'life', title: 'Left', value: left, sortable: true },
		{ id: 'limit', title: 'Marked', value: limit, align: 'right' },
		{ id: 'rpm', title: 'At most', value: (w) => shownLimit(limitRpm(w) ?? 0), align: 'right' },
		{ id: 'expires', title: 'Use by', value: (w) => w.expiresOn, sortable: true },
		{ id: 'place', title: 'Place', value: (w) => w.place, sortable: true },
		{ id: 'state', title: 'State', value: (w) => w.state, sortable: true }
	];
	const mark = { available: 'ok', mounted: 'now', quarantined: 'stop', scrapped: 'stop' } as const;
	function href(change: Record<string, string>) {
		const q = data.query;
		const all: Record<string, string> = {
			q: q.search,
			state: q.state,
			family: q.family,
			sort: q.sort === 'number' ? '' : q.sort,
			down: q.down ? '1' : '',
			page: '',
			...change
		};
		const text = new URLSearchParams(Object.entries(all).filter(([, v]) => v !== '')).toString();
		return text ? (`/rack?${text}` as const) : '/rack';
	}
	/** Tags for the wheels on this page. */
	const tags = $derived(
		`/api/rack/tags?${data.wheels.map((w) => `n=${encodeURIComponent(w.number)}`).join('&')}` as const
	);
	const outOfDate = (w: WheelFacts) =>
		w.state !== 'scrapped' && w.expiresOn !== null && w.expiresOn < data.today;
	const narrowed = $derived(!!(data.query.search || data.query.state || data.query.family));
</script>

<svelte:head><title>Rack - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Rack</h1>
		<p class="lead" role="status">
			{data.more ? `more than ${data.total - 1}` : data.total}
			{data.total === 1 ? 'wheel' : 'wheels'}{narrowed ? ' match' : ''}
		</p>
		<span class="sp"></span><a class="btn" href={resolve('/api/rack/export.[kind]', { kind: 'csv' })} download
			>CSV</a
		><a class="btn" href={resolve('/api/rack/export.[kind]', { kind: 'json' })} download>JSON</a><a
			class="btn"
			href={resolve(tags)}
			target="_blank">Tags</a
		>{#if data.mayWrite}<a class="btn" href={resolve('/rack/import')}>Take in a list</a><a
				class="btn act"
				href={resolve('/rack/new')}>Receive a wheel</a
			>{/if}
	</div>
	<SearchBar
		action="/rack"
		value={data.query.search}
		label="Find on the rack"
		placeholder="number, marking or place"
	>
		<label
			><span class="sr">State</span><select name="state" class="plain-input" value={data.query.state}
				><option value="">any state</option
				>{#each ['available', 'mounted', 'quarantined', 'scrapped'] as s (s)}<option value={s}
						>{STATE_WORDS[s]}</option
					>{/each}</select
			></label
		>
		<label
			><span class="sr">Abrasive</span><select name="family" class="plain-input" value={data.query.family}
				><option value="">any abrasive</option>{#each data.families as f (f)}<option value={f}
						>{FAMILY_NAMES[f as keyof typeof FAMILY_NAMES] ?? f}</option
					>{/each}</select
			></label
		>
		{#if narrowed}<a class="link" href={resolve('/rack')}>Show all</a>{/if}
	</SearchBar>
	<DataTable
		{columns}
		rows={data.wheels}
		sort={data.query.sort}
		down={data.query.down}
		label="Wheels on the rack"
		href={(s, d) => href({ sort: s, down: d ? '1' : '' })}
		empty="No wheel matches. Take something out of the search."
	>
		{#snippet cell(id, w)}
			{#if id === 'number'}<a class="num no" href={resolve(`/rack/${encodeURIComponent(w.number)}`)}
					>{w.number}</a
				>
			{:else if id === 'canonical'}<span class="num mk" title={w.marking}>{w.canonical || w.marking}</span>
			{:else if id === 'diameter'}<span class="num">{sizeOf(w)}</span>
			{:else if id === 'life'}<span class="bar" role="img" aria-label="{Math.round(left(w) * 100)} % left"
					><i class:low={left(w) < 0.2} style="width:{left(w) * 100}%"></i></span
				>
			{:else if id === 'limit'}<span class="num">{limit(w)}</span>
			{:else if id === 'rpm'}<span class="num">{limitRpm(w) === null ? '-' : shownLimit(limitRpm(w)!)}</span>
			{:else if id === 'expires'}<span class="num">{w.expiresOn ?? ''}</span>
			{:else if id === 'place'}{w.place}
			{:else}<span class="st"
					><VerdictMark state={outOfDate(w) ? 'stop' : mark[w.state]} size={16} label="" />{outOfDate(w)
						? 'Out of date'
						: STATE_WORDS[w.state]}{#if w.heldBy}<a href={resolve(`/setups/${w.heldBy}`)}>setup {w.heldBy}</a
						>{/if}</span
				>{/if}
		{/snippet}
	</DataTable>
	{#if data.pages > 1}
		<nav class="pages" aria-label="Pages">
			{#if data.query.page > 1}<a class="btn" href={resolve(href({ page: String(data.query.page - 1) }))}
					>Before</a
				>{/if}
			<span class="quiet">page {Math.min(data.query.page, data.pages)} of {data.pages}</span>
			{#if data.query.page < data.pages}<a
					class="btn"
					href={resolve(href({ page: String(data.query.page + 1) }))}>Next</a
				>{/if}
		</nav>
	{/if}
</main>

<style>
	.no {
		font-weight: 680;
	}
	.mk {
		font-weight: 620;
		white-space: nowrap;
	}
	.num {
		white-space: nowrap;
	}
	.st {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		white-space: nowrap;
	}
	.bar {
		display: block;
		width: 76px;
		height: 8px;
		background: var(--bar);
	}
	.bar i {
		display: block;
		height: 8px;
		background: var(--steel);
	}
	.low {
		background: var(--caution) !important;
	}
	.pages {
		display: flex;
		gap: var(--s-14);
		align-items: center;
		margin-top: var(--s-12);
	}
</style>
