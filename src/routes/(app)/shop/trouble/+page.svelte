<script lang="ts">
	import { untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { SHOP_POINTS } from '$core/prove/shop-points';
	import type { Cause, Fact, Symptom } from '$core/prove/trouble-points';
	import OwnPoints from '$lib/features/shop/OwnPoints.svelte';
	import ShippedPoints from '$lib/features/shop/ShippedPoints.svelte';
	import History from '$lib/features/shop/History.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import { Entry, type Typed } from '$lib/ui/fields/entry.svelte';

	let { data } = $props();
	const sender = new Sender();
	const counts = $derived(data.history[0]?.points ?? []);
	const make = (draft: Record<string, unknown> | null) =>
		new Entry({ fields: [SHOP_POINTS], key: 'points', draft, start: { shopPoints: counts } });
	let entry = $state.raw(untrack(() => make(data.draft)));
	let note = $state('');
	const rows = () => (entry.at('shopPoints') ?? []) as Typed[];
	const at = (i: number, name: string) => entry.at(`shopPoints.${i}.${name}`);
	/** A figure is touched: it stands among the shop's own, where it can be changed. */
	function pick(of: Symptom | Fact, cause: Cause | null, points: number) {
		if (cause === null || !rows().some((_, i) => at(i, 'of') === of && at(i, 'cause') === cause))
			entry.set('shopPoints', [...rows(), { of, cause: cause ?? '', points: String(points) }]);
		queueMicrotask(() =>
			document.querySelector<HTMLElement>(`[aria-label="Points of this shop"] li:last-child input`)?.focus()
		);
	}
	async function keep(shipped: boolean) {
		entry.touchAll();
		if (!shipped && entry.result.fault) return entry.blame(entry.result.fault);
		const kept = await sender.submit('/api/guidelines/points', {
			body: shipped ? null : entry.result.values,
			note: shipped && !note.trim() ? 'back to the shipped points' : note,
			basedOn: data.version
		});
		if (!kept) {
			if (sender.trouble?.field.startsWith('shopPoints')) entry.blame(sender.trouble);
			return;
		}
		note = '';
		const forgotten = entry.recorded();
		entry = make(null);
		await forgotten;
	}
</script>

<svelte:head><title>Points of troubles - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/shop')}>Shop</a></p>
	<div class="head">
		<h1>What speaks for which trouble</h1>
		<p class="lead">
			Shop judgement, not a measurement. Each search keeps the points it was weighed with. A faulty mounting
			may weigh more than shipped, never less.
		</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	{#if data.lead}<section class="sheet" aria-label="Weighed otherwise here">
			<h2>Weighed otherwise here</h2>
			<OwnPoints {entry} />
			<div class="row">
				<label
					>Why the points change <input
						class="plain-input"
						bind:value={note}
						maxlength="200"
						placeholder="what was seen at the machine"
					/></label
				><button class="btn act" disabled={sender.busy} onclick={() => keep(false)}>Keep these points</button
				><button class="btn" disabled={sender.busy || !counts.length} onclick={() => keep(true)}
					>Back to the shipped ones</button
				>
			</div>
		</section>{/if}
	<section class="sheet" aria-label="Points that count">
		<ShippedPoints own={counts} onpick={data.lead ? pick : null} />
	</section>
	<History
		versions={data.history.map((h) => ({
			...h,
			name: `Version ${h.version}`,
			text: `${h.note}; ${h.points.length ? `${h.points.length} weighed otherwise` : 'all as shipped'}`
		}))}
	/>
</main>

<style>
	main {
		display: grid;
		gap: var(--s-14);
		grid-template-columns: minmax(0, 1fr);
	}
	section {
		padding: var(--s-12) var(--s-16) var(--s-14);
		display: grid;
		gap: var(--s-10);
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-10);
		align-items: end;
	}
	label {
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
		flex: 1;
	}
</style>
