<script lang="ts">
	import { resolve } from '$app/paths';
	import { CALCULATIONS } from '$core/calculations';
	import { STATION_TITLES } from '$lib/words';

	let text = $state('');
	const found = $derived(
		CALCULATIONS.filter((c) =>
			`${c.id} ${c.title} ${c.about}`.toLowerCase().includes(text.trim().toLowerCase())
		)
	);
	const groups = $derived(
		Object.keys(STATION_TITLES)
			.map((s) => ({ station: s, list: found.filter((c) => c.id.startsWith(`${s}.`)) }))
			.filter((g) => g.list.length)
	);
</script>

<svelte:head><title>Benches - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>Benches</h1>
		<p class="lead">Any calculation on its own. Nothing is recorded.</p>
	</div>
	<input
		class="plain-input"
		type="search"
		bind:value={text}
		data-find
		aria-label="Find a bench"
		placeholder="what do you want to work out?"
	/>
	{#each groups as g (g.station)}
		<h2>{STATION_TITLES[g.station]}</h2>
		<ul>
			{#each g.list as c (c.id)}<li class="sheet">
					<a href={resolve(`/benches/${c.id}`)}>{c.title}</a>
					<p>{c.about}</p>
				</li>{/each}
		</ul>
	{:else}<p class="lead">Nothing by that name.</p>{/each}
</main>

<style>
	input {
		width: 100%;
		max-width: 420px;
	}
	h2 {
		margin: var(--s-16) 0 var(--s-8);
		font-size: var(--type-head);
	}
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(285px, 1fr));
		gap: var(--s-12);
	}
	li {
		position: relative;
		padding: var(--s-10) var(--s-14) var(--s-10);
		display: grid;
		gap: var(--s-4);
		align-content: start;
	}
	li:hover {
		border-color: var(--edge);
		border-top-color: var(--act);
	}
	a {
		font-weight: 650;
		font-size: var(--type-strong);
		color: var(--ink);
		text-decoration: none;
	}
	a::after {
		content: '';
		position: absolute;
		inset: 0;
	}
	li:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	p {
		font-size: var(--type-small);
		color: var(--ink2);
	}
</style>
