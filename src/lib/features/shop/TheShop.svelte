<script lang="ts">
	import { untrack } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { THE_SHOP_FIELDS } from '$core/shop/the-shop';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	interface Props {
		shop: { name: string; units: 'mm' | 'inch'; timeZone: string; morningWanted: boolean };
		lead: boolean;
	}
	/** What the shop is called, and in which units it works. */
	let { shop, lead }: Props = $props();
	const { name, units, timeZone, morningWanted } = untrack(() => shop);
	const entry = new Entry({ fields: THE_SHOP_FIELDS, start: { name, units, timeZone, morningWanted } });
	const sender = new Sender();
	let kept = $state(false);
	async function keep() {
		kept = false;
		if (!(await sender.submitEntry('/api/the-shop', entry))) return;
		kept = true;
		await invalidateAll();
	}
</script>

<section class="sheet" aria-label="This shop">
	<h2>{shop.name}</h2>
	{#if lead}<div class="grid">
			<TextField {entry} name="name" /><ChoiceField {entry} name="units" /><TextField
				{entry}
				name="timeZone"
			/><YesNo {entry} name="morningWanted" /><button class="btn" onclick={keep} disabled={sender.busy}
				>Keep it</button
			>
		</div>
		<p class="quiet" role="status">
			{sender.trouble?.message ??
				(kept ? 'Kept.' : 'The name stands on the cards of setups; the units are those of new setups.')}
		</p>{:else}<p class="quiet">
			Numbers in {shop.units === 'inch' ? 'inches' : 'millimetres'}, times of {shop.timeZone}.
		</p>{/if}
</section>

<style>
	section {
		padding: var(--s-12) var(--s-16);
	}
	p {
		margin-top: var(--s-8);
	}
	h2 {
		font-size: var(--type-head);
	}
	.grid {
		display: grid;
		gap: var(--s-8);
		justify-items: start;
		margin-top: var(--s-8);
	}
</style>
