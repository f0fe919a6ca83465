<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';

	interface Props {
		entry: Entry;
	}
	/** Keeps what is on the page as a route of its own, under a short name; the one it came from stays as it is. */
	let { entry }: Props = $props();
	const id = $props.id();
	const sender = new Sender();
	let name = $state('');
	/** What stands in the address: small letters, digits and dashes. */
	const code = $derived(
		name
			.toLowerCase()
			.normalize('NFKD')
			.replace(/[^a-z0-9]+/g, '-')
			.replace(/^-+|-+$/g, '')
			.slice(0, 30)
	);
	async function copy() {
		const { note: _note, ...values } = entry.result.values;
		const made = await sender.submit(`/api/routes/${code || '-'}`, {
			values: { ...values, name, note: 'new route' },
			version: 0
		});
		if (made) await goto(resolve(`/shop/routes/${code}`));
	}
</script>

<Fold title="Keep it as a new route instead">
	<label for={id}>Name of the new route</label>
	<div class="row">
		<input {id} class="plain-input" bind:value={name} maxlength="60" autocomplete="off" /><button
			class="btn"
			onclick={copy}
			disabled={sender.busy || !code}>Make the route</button
		>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">
			{sender.trouble.code === 'changed-meanwhile'
				? `There is already a route called ${code}. Give this one another name.`
				: sender.trouble.message}
		</p>{/if}
</Fold>

<style>
	label {
		display: block;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.row {
		display: flex;
		gap: var(--s-8);
	}
	input {
		flex: 1;
		min-width: 0;
	}
</style>
