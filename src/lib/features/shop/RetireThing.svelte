<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	interface Props {
		kind: string;
		one: string;
		of: string;
		retired: boolean;
	}
	/** Out of use, or back: nothing is deleted, and what was recorded with it stays. */
	let { kind, one, of, retired }: Props = $props();
	const sender = new Sender();
	async function turn() {
		if ('fault' in (await sender.send(`/api/shop/${kind}/retire`, { of, retired: !retired }))) return;
		await goto(resolve('/shop'));
	}
</script>

<p class="row">
	<button class="btn" onclick={turn} disabled={sender.busy}
		>{retired ? `Bring ${of} back` : `Take ${of} out of use`}</button
	><span class="quiet"
		>{retired
			? `Out of use: this ${one} is offered nowhere.`
			: 'It is offered nowhere then; what was recorded with it stays.'}</span
	>
</p>
{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}

<style>
	.row {
		display: flex;
		gap: var(--s-12);
		align-items: center;
		flex-wrap: wrap;
		margin-top: var(--s-12);
	}
</style>
