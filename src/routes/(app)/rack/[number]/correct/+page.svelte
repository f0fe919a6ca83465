<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { CORRECT_FIELDS, WHY_CORRECTED, changesIn } from '$core/shop/wheel-correction';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	// svelte-ignore state_referenced_locally
	const w = data.wheel;
	const start = { ...w, massKg: w.massComputed ? null : w.massKg };
	// svelte-ignore state_referenced_locally
	const entry = new Entry({ fields: CORRECT_FIELDS, start, system: data.shop.units });
	const why = new Entry({ fields: [WHY_CORRECTED] });
	const sender = new Sender();
	const changes = $derived(entry.result.fault ? [] : changesIn(start, entry.result.values));
	async function keep() {
		why.touchAll();
		const done = await sender.submitEntry(`/api/wheels/${encodeURIComponent(w.number)}/correct`, entry, {
			why: String(why.at('why') ?? '')
		});
		if (done) await goto(resolve(`/rack/${encodeURIComponent(w.number)}`));
		else if (sender.trouble?.field === 'why') why.blame(sender.trouble);
	}
</script>

<svelte:head><title>Correct wheel {w.number} - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve(`/rack/${encodeURIComponent(w.number)}`)}>Wheel {w.number}</a></p>
	<h1>Correct wheel {w.number}</h1>
	<p class="lead">
		What was read off it when it was received. What stood there before is kept, and every record keeps the
		wheel as it was; a diameter that was measured is corrected in its book.
	</p>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<section class="sheet" aria-label="What it says">
		<div class="grid">
			{#each CORRECT_FIELDS as field (field.name)}<FieldInput {entry} {field} />{/each}
		</div>
		{#if changes.length}<ul aria-label="What changes">
				{#each changes as c, i (i)}<li>{c}</li>{/each}
			</ul>{/if}
		<FieldInput entry={why} field={WHY_CORRECTED} />
		<ActionBar label="Correct it" onact={keep} busy={sender.busy} disabled={changes.length === 0} />
	</section>
</main>

<style>
	section {
		padding: var(--s-16) var(--s-16) 0;
		margin-top: var(--s-12);
		display: grid;
		gap: var(--s-12);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
		gap: var(--s-8) var(--s-20);
	}
</style>
