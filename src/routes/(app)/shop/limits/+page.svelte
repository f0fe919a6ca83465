<script lang="ts">
	import { resolve } from '$app/paths';
	import { untrack } from 'svelte';
	import { guidelineFields, inShop } from '$core/calculation/limits';
	import { LIMIT_GROUPS, limitsInWords } from '$lib/features/shop/limit-groups';
	import LimitsOf from '$lib/features/shop/LimitsOf.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import History from '$lib/features/shop/History.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const sender = new Sender();
	const make = (drafts: Record<string, Record<string, unknown>>) =>
		new Map(
			LIMIT_GROUPS.flatMap((g) => g.calculations).map((c) => [
				c.id,
				new Entry({
					fields: inShop(guidelineFields(c), data.limits),
					key: `limits-${c.id}`,
					system: data.shop.units,
					draft: drafts[c.id] ?? null
				})
			])
		);
	let entries = $state.raw(untrack(() => make(data.drafts)));
	let note = $state('');
	let find = $state('');
	const seen = $derived(
		LIMIT_GROUPS.map((g) => ({
			...g,
			calculations: g.calculations.filter((c) =>
				`${c.title} ${guidelineFields(c)
					.map((f) => `${f.name} ${f.label ?? ''}`)
					.join(' ')} ${g.name}`
					.toLowerCase()
					.includes(find.trim().toLowerCase())
			)
		})).filter((g) => g.calculations.length)
	);
	const wrong = $derived([...entries.values()].find((e) => e.result.fault)?.result.fault ?? null);
	async function keep(body: object | null) {
		for (const e of entries.values()) e.touchAll();
		if (body && wrong) {
			sender.trouble = { field: wrong.field, code: wrong.code, message: wrong.message };
			return;
		}
		if (
			!(await sender.submit('/api/guidelines/limits', {
				body,
				units: data.shop.units,
				note: body === null && !note.trim() ? 'back to the shipped figures' : note,
				basedOn: data.version
			}))
		)
			return;
		note = '';
		// What was typed is forgotten first, so that the fields begin with what counts now.
		const forgotten = Promise.all([...entries.values()].map((e) => e.recorded()));
		entries = make({});
		await forgotten;
	}
</script>

<svelte:head><title>Limits and usual values - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/shop')}>Shop</a></p>
	<div class="head">
		<h1>Limits and usual values</h1>
		<p class="lead">
			Workshop starting values, not a standard. The wheel's and the machine's own instructions and your code
			come first. Every record keeps the figures it was made with.
		</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<section class="sheet bar" aria-label="Find and keep">
		<label>Find a figure <input class="plain-input" type="search" bind:value={find} maxlength="60" /></label>
		{#if data.lead}<label class="note"
				>Why the figures change <input
					class="plain-input"
					bind:value={note}
					maxlength="200"
					placeholder="what was seen at the machine"
				/></label
			><button
				class="btn act"
				disabled={sender.busy}
				onclick={() => keep(Object.fromEntries([...entries].map(([id, e]) => [id, e.result.values])))}
				>Keep these figures</button
			><button
				class="btn"
				disabled={sender.busy || !Object.keys(data.limits).length}
				onclick={() => keep(null)}>Back to the shipped ones</button
			>{/if}
	</section>
	{#if data.beyond.length}<section class="sheet" aria-label="Beyond an end">
			<h2>Beyond what any shop may allow itself</h2>
			{#each data.beyond as words (words)}<p>{words}</p>{/each}
		</section>{/if}
	{#each seen as g (g.station)}<section class="sheet" aria-label={g.name}>
			<h2>{g.name}</h2>
			{#each g.calculations as c (c.id)}<LimitsOf
					calculation={c}
					entry={entries.get(c.id)!}
					lead={data.lead}
				/>{/each}
		</section>{:else}<p>No figure is called that.</p>{/each}
	<History
		versions={data.history.map((h) => ({
			...h,
			name: `Version ${h.version}`,
			text: h.note,
			lines: Object.keys(h.limits).length ? limitsInWords(h.limits) : ['all as shipped']
		}))}
	/>
</main>

<style>
	main {
		display: grid;
		gap: var(--s-14);
	}
	section {
		padding: var(--s-12) var(--s-16) var(--s-14);
		display: grid;
		gap: var(--s-10);
	}
	.bar {
		position: sticky;
		top: 0;
		z-index: 3;
		grid-template-columns: 200px minmax(0, 1fr) auto auto;
		align-items: end;
	}
	.bar label {
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.bar {
			grid-template-columns: 1fr;
			position: static;
		}
	}
</style>
