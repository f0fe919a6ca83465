<script lang="ts">
	import { resolve } from '$app/paths';
	import { STATE_WORDS, when } from '$lib/words';
	import DataTable from '$lib/ui/layout/DataTable.svelte';
	import type { Column } from '$lib/ui/layout/data-table';
	import SearchBar from '$lib/ui/layout/SearchBar.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	type Line = (typeof data.setups)[number];
	const mark = { 'under-way': 'now', released: 'ok', stopped: 'stop', finished: 'open' } as const;
	const columns: Column<Line>[] = [
		{ id: 'id', title: 'Setup', value: (s) => s.id },
		{ id: 'part', title: 'Part', value: (s) => s.part },
		{ id: 'machine', title: 'Machine', value: (s) => s.machine },
		{ id: 'wheel', title: 'Wheel', value: (s) => s.wheel },
		{ id: 'state', title: 'State', value: (s) => s.state },
		{ id: 'when', title: 'Last touched', value: (s) => String(s.changedAt) },
		{ id: 'by', title: 'Started by', value: (s) => s.by }
	];
</script>

<svelte:head><title>Setups - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Setups</h1>
		<p class="lead" role="status">{data.setups.length} shown</p>
	</div>
	<SearchBar
		action="/setups"
		value={data.search}
		label="Find a setup"
		placeholder="part, number, machine, wheel or marking"
	>
		<label
			><span class="sr">State</span><select name="state" class="plain-input" value={data.state}
				><option value="">any state</option>{#each Object.keys(mark) as s (s)}<option value={s}
						>{STATE_WORDS[s]}</option
					>{/each}</select
			></label
		>
	</SearchBar>
	<DataTable {columns} rows={data.setups} label="Setups" empty="No setup matches.">
		{#snippet cell(id, s)}
			{#if id === 'id'}<a class="num no" href={resolve(`/setups/${s.id}`)}>{s.id}</a>
			{:else if id === 'part'}<a class="part" href={resolve(`/setups/${s.id}`)}>{s.part}</a>
				<span class="quiet">{s.quantity} off</span>
			{:else if id === 'machine'}{s.machine}
			{:else if id === 'wheel'}{#if s.wheel}<a
						href={resolve(`/rack/${encodeURIComponent(s.wheel)}`)}
						class="num">{s.wheel}</a
					> <span class="num quiet">{s.marking}</span>{:else}<span class="quiet">none yet</span>{/if}
			{:else if id === 'state'}<span class="st"
					><VerdictMark state={mark[s.state]} size={16} />{s.givenUp
						? 'Given up'
						: STATE_WORDS[s.state]}</span
				>
			{:else if id === 'when'}{when(s.changedAt ?? s.createdAt)}
			{:else}{s.by}{/if}
		{/snippet}
	</DataTable>
</main>

<style>
	.no {
		font-weight: 680;
	}
	.part {
		color: var(--ink);
		font-weight: 600;
		text-decoration: none;
	}
	.part:hover {
		text-decoration: underline;
	}
	.st {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		white-space: nowrap;
	}
</style>
