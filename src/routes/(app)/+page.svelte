<script lang="ts">
	import { resolve } from '$app/paths';
	import FirstWay from '$lib/features/floor/FirstWay.svelte';
	import MachineCard from '$lib/features/floor/MachineCard.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	let { data } = $props();
	const many = (n: number, one: string, more: string) => `${n === 0 ? 'No' : n} ${n === 1 ? one : more}`;
</script>

<svelte:head><title>Floor - Uncinus</title></svelte:head>
<main>
	<div class="head">
		<h1>On the floor</h1>
		<p class="lead">
			{many(data.ready, 'wheel', 'wheels')} ready to grind, {many(data.open, 'setup', 'setups').toLowerCase()} under
			way.
		</p>
	</div>
	{#if data.way}<FirstWay
			way={data.way}
			machine={data.cards[0]?.machine.code ?? null}
			lead={data.user.role === 'lead'}
		/>{/if}
	<div class="cards">
		{#each data.cards as card (card.machine.id)}<MachineCard {card} />{/each}
	</div>
	<h2>Needs somebody</h2>
	{#if data.needs.length}
		<ul class="sheet">
			{#each data.needs as n, at (at)}<li>
					<VerdictMark state={n.state} /><strong>{n.text}</strong><span class="quiet">{n.note}</span><a
						class="btn"
						href={resolve(n.href)}>{n.action}</a
					>
				</li>{/each}
		</ul>
	{:else}<p class="lead">Nothing waits for anybody.</p>{/if}
</main>

<style>
	main {
		padding: var(--s-20) var(--s-28) var(--s-40);
	}
	.head {
		display: flex;
		align-items: baseline;
		gap: var(--s-20);
		flex-wrap: wrap;
		margin-bottom: var(--s-14);
	}
	.cards {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(360px, 1fr));
		gap: var(--s-16);
		margin-bottom: var(--s-20);
	}
	h2 {
		margin-bottom: var(--s-10);
		font-size: var(--type-head);
	}
	ul {
		list-style: none;
		padding: 0;
		border-top-width: 1px;
	}
	li {
		display: grid;
		grid-template-columns: 24px 1fr 190px auto;
		gap: var(--s-12);
		align-items: center;
		padding: var(--s-6) var(--s-14);
		border-top: 1px solid var(--rule);
	}
	li:first-child {
		border-top: 0;
	}
	li strong {
		font-weight: 600;
	}
	@media (max-width: 900px) {
		main {
			padding: var(--s-14);
		}
		.cards {
			grid-template-columns: 1fr;
		}
		li {
			grid-template-columns: 24px 1fr;
		}
		li > :nth-child(n + 3) {
			grid-column: 2;
		}
	}
</style>
