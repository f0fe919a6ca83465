<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { pinFault } from '$core/shop/pin';
	import PinInput from '$lib/features/people/PinInput.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const sender = new Sender();
	let [pin, newPin, again] = $state(['', '', '']);
	let fault = $state<{ field: string; message: string } | null>(null);
	let done = $state(false);

	async function change(e: SubmitEvent) {
		e.preventDefault();
		const bad = pinFault(newPin);
		fault = !pin
			? { field: 'pin', message: 'Type the PIN you have now.' }
			: bad
				? { field: 'newPin', message: bad }
				: newPin !== again
					? { field: 'again', message: 'The two new PINs differ. Type it once more.' }
					: null;
		if (fault) return;
		const first = data.user.mustChange;
		const sent = await sender.send('/api/account', { pin, newPin });
		if ('fault' in sent) {
			fault = sent.fault;
			return;
		}
		[pin, newPin, again] = ['', '', ''];
		done = true;
		if (first) await goto(resolve('/'));
	}
	const says = (field: string) => (fault?.field === field ? fault.message : '');
</script>

<svelte:head><title>Your PIN - Uncinus</title></svelte:head>
<main class="page">
	<h1>{data.user.name}</h1>
	<p class="lead">
		You are {data.user.role}. {data.user.mustChange
			? 'You signed in with a PIN for one time: choose your own, then it goes on.'
			: 'With your PIN your name stands under what is recorded.'}
	</p>
	<form class="sheet" onsubmit={change} aria-label="Change your PIN">
		<h2>Change your PIN</h2>
		<PinInput label="PIN now" bind:value={pin} fault={says('pin')} autocomplete="current-password" />
		<PinInput label="New PIN, six digits or more" bind:value={newPin} fault={says('newPin')} />
		<PinInput label="New PIN once more" bind:value={again} fault={says('again')} />
		{#if fault && !['pin', 'newPin', 'again'].includes(fault.field)}<p class="fault" role="alert">
				{fault.message}
			</p>{/if}
		<p class="done" role="status">
			{done ? 'Changed. Wherever else you were signed in you are signed out now.' : ''}
		</p>
		<button class="btn act" disabled={sender.busy}>Change it <kbd>Enter</kbd></button>
	</form>
	<p><a href={resolve('/about')}>About this program</a></p>
</main>

<style>
	main {
		display: grid;
		gap: var(--s-12);
		max-width: 560px;
	}
	form {
		padding: var(--s-16) var(--s-20);
		display: grid;
		gap: var(--s-8);
	}
	.done {
		font-weight: 600;
		color: var(--ok);
	}
</style>
