<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { STATIONS, STATION_NAMES, type StationId } from '$core/route/station-names';
	import { when } from '$lib/words';
	import DataTable from '$lib/ui/layout/DataTable.svelte';
	import type { Column } from '$lib/ui/layout/data-table';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	type Line = (typeof data.lines)[number];
	let form: HTMLFormElement;
	const columns: Column<Line>[] = [
		{ id: 'id', title: 'Record', value: (l) => l.id },
		{ id: 'at', title: 'When', value: (l) => String(l.at) },
		{ id: 'setup', title: 'Setup', value: (l) => l.setupId },
		{ id: 'station', title: 'Station', value: (l) => l.station },
		{ id: 'calculation', title: 'Calculation', value: (l) => l.calculation },
		{ id: 'verdict', title: 'Verdict', value: (l) => l.verdict },
		{ id: 'wheel', title: 'Wheel', value: (l) => l.wheel },
		{ id: 'machine', title: 'Machine', value: (l) => l.machine },
		{ id: 'by', title: 'Who', value: (l) => l.by }
	];
	const query = (change: Record<string, string>) =>
		new URLSearchParams(Object.entries({ ...data.filter, ...change }).filter(([, v]) => v !== '')).toString();
	function go() {
		const given = Object.fromEntries([...new FormData(form)].map(([k, v]) => [k, String(v).trim()]));
		void goto(
			resolve(`/log?${new URLSearchParams(Object.entries(given).filter(([, v]) => v !== '')).toString()}`),
			{
				keepFocus: true,
				noScroll: true
			}
		);
	}
	const narrowed = $derived(Object.values(data.filter).some((v) => v !== ''));
</script>

<svelte:head><title>Log - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Log</h1>
		<p class="lead">
			Every record, who made it and when. Nothing here can be changed; a correction is a new record.
		</p>
	</div>
	<form
		action="/log"
		bind:this={form}
		onsubmit={(e) => {
			e.preventDefault();
			go();
		}}
		onchange={go}
		aria-label="Filter the log"
	>
		<label
			>Setup <input
				class="plain-input num"
				name="setup"
				value={data.filter.setup}
				inputmode="numeric"
				maxlength="9"
				size="6"
				data-find
			/></label
		>
		<label
			>Wheel <input
				class="plain-input num"
				name="wheel"
				value={data.filter.wheel}
				maxlength="20"
				size="8"
			/></label
		>
		<label
			>Machine <select class="plain-input" name="machine" value={data.filter.machine}
				><option value="">any</option>{#each data.machines as m (m)}<option>{m}</option>{/each}</select
			></label
		>
		<label
			>Station <select class="plain-input" name="station" value={data.filter.station}
				><option value="">any</option>{#each STATIONS as s (s)}<option value={s}>{STATION_NAMES[s]}</option
					>{/each}</select
			></label
		>
		<label
			>Verdict <select class="plain-input" name="verdict" value={data.filter.verdict}
				><option value="">any</option><option value="ok">ok</option><option value="caution">caution</option
				><option value="stop">stop</option></select
			></label
		>
		<button class="btn">Filter</button>{#if narrowed}<a class="link" href={resolve('/log')}>Show all</a>{/if}
	</form>
	<DataTable {columns} rows={data.lines} label="Records" empty="No record matches.">
		{#snippet cell(id, l)}
			{#if id === 'id'}<a class="num" href={resolve(`/log/${l.id}`)}>{l.id}</a>
			{:else if id === 'at'}{when(l.at)}
			{:else if id === 'setup'}{#if l.setupId}<a href={resolve(`/setups/${l.setupId}`)}>{l.setupId}</a>
					<span class="quiet">{l.part}</span>{:else}<span class="quiet">at the rack</span>{/if}
			{:else if id === 'station'}{STATION_NAMES[l.station as StationId] ?? l.station}, {l.step}
			{:else if id === 'calculation'}{l.title}
			{:else if id === 'verdict'}<span class="st"
					><VerdictMark state={l.verdict as 'ok'} size={16} label="" />{l.verdict}{l.overrideReason
						? ', accepted'
						: ''}</span
				>
			{:else if id === 'wheel'}{#if l.wheel}<a
						class="num"
						href={resolve(`/rack/${encodeURIComponent(l.wheel)}`)}>{l.wheel}</a
					>{/if}
			{:else if id === 'machine'}{l.machine}
			{:else}{l.by}{/if}
		{/snippet}
	</DataTable>
	<nav class="pages" aria-label="Pages">
		{#if !data.first}<a class="btn" href={resolve(`/log?${query({})}`)}>Newest</a>{/if}{#if data.more}<a
				class="btn"
				href={resolve(`/log?${query({ before: String(data.more) })}`)}>Older</a
			>{/if}
	</nav>
</main>

<style>
	form {
		display: flex;
		gap: var(--s-12);
		flex-wrap: wrap;
		align-items: end;
		margin-bottom: var(--s-12);
	}
	label {
		display: grid;
		font-size: var(--type-small);
		color: var(--ink2);
		gap: var(--s-2);
	}
	.st {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		white-space: nowrap;
	}
	.pages {
		display: flex;
		gap: var(--s-12);
		margin-top: var(--s-12);
	}
</style>
