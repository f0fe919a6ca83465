<script lang="ts">
	import { resolve } from '$app/paths';
	import { onMount } from 'svelte';
	import SearchBar from '$lib/ui/layout/SearchBar.svelte';
	let { data } = $props();
	onMount(() => document.querySelector<HTMLElement>('[data-find]')?.focus());
</script>

<svelte:head><title>Find - Uncinus</title></svelte:head>
<main class="page">
	<h1>Find</h1>
	<SearchBar
		action="/find"
		value={data.text}
		label="Find anything"
		placeholder="wheel, setup, machine, mount, dresser or bench"
	/>
	{#if data.found.length}<ul class="sheet">
			{#each data.found as x, at (at)}<li>
					<span class="quiet">{x.kind}</span><a href={resolve(x.href)}>{x.title}</a><span class="quiet"
						>{x.note}</span
					>
				</li>{/each}
		</ul>
	{:else if data.text}<p class="lead" role="status">
			Nothing by that name. A scanned tag types the wheel's number.
		</p>{/if}
</main>

<style>
	h1 {
		margin-bottom: var(--s-12);
	}
	ul {
		list-style: none;
		padding: 0;
		max-width: 760px;
	}
	li {
		display: grid;
		grid-template-columns: 80px 1fr auto;
		gap: var(--s-12);
		align-items: center;
		padding: 0 var(--s-14);
		min-height: var(--hit);
		border-top: 1px solid var(--rule);
	}
	li:first-child {
		border-top: 0;
	}
	a {
		font-weight: 600;
		color: var(--ink);
	}
</style>
