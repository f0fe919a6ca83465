<script lang="ts">
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	interface Props {
		name: string;
		/** Made just now, with the person. */
		made?: string | null;
	}
	/** A PIN for one time: shown once, to be told to the person, who has to change it at the first sign-in. */
	let { name, made = null }: Props = $props();
	const sender = new Sender();
	let given = $state<string | null>(null);
	const pin = $derived(given ?? made);
	async function give() {
		const sent = await sender.send('/api/people/one-time-pin', { name });
		if ('answer' in sent) given = String(sent.answer.pin);
	}
</script>

<section class="sheet" aria-label="PIN for one time">
	<h2>PIN for one time</h2>
	{#if pin}
		<p class="pin num" role="status">{pin.slice(0, 4)} {pin.slice(4)}</p>
		<p>
			Tell it to {name} now: it is shown once, holds for three days and has to be changed at the first sign-in.
		</p>
	{:else}
		<p class="quiet">
			Forgotten, or somebody else has seen it: {name} gets a PIN for one time and is signed out everywhere.
		</p>
	{/if}
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<button class="btn" onclick={give} disabled={sender.busy}
		>{pin ? 'Another one' : 'Give a PIN for one time'}</button
	>
</section>

<style>
	section {
		padding: var(--s-16) var(--s-20);
		margin-top: var(--s-12);
		display: grid;
		gap: var(--s-8);
		justify-items: start;
	}
	.pin {
		font-size: var(--type-figure, 40px);
		letter-spacing: 3px;
	}
</style>
