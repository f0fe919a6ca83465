<script lang="ts">
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import PinInput from './PinInput.svelte';
	import { watchIdle } from './idle';
	import { sayWhose, watchWhose } from './one-person';
	import { forgetOpen } from '$lib/offline/keep-open';
	import { screenLock } from '$lib/ui/feedback/screen-lock.svelte';

	interface Person {
		id: number;
		name: string;
	}
	interface Props {
		user: Person;
		idleS: number;
	}
	/** Over the page, which stays as it is: the PIN of whose screen it is, or that of somebody else who steps up to it. */
	let { user, idleS }: Props = $props();
	let dialog = $state<HTMLDialogElement>();
	let people = $state<Person[]>([]);
	let who = $state<number | null>(null);
	let pin = $state('');
	let fault = $state('');
	let busy = $state(false);
	const chosen = $derived(who ?? user.id);

	onMount(() => {
		// A page that is shown is that of whoever is signed in.
		sayWhose(user.id);
		const unwatch = watchWhose(user.id, () => screenLock.left());
		const unidle = watchIdle(idleS, () => {
			if (screenLock.on) return;
			screenLock.on = true;
			void fetch('/api/lock', { method: 'POST' })
				.then((r) => r.text())
				.catch(() => undefined);
		});
		return () => {
			unwatch();
			unidle();
		};
	});
	$effect(() => {
		if (!screenLock.on) return;
		[who, pin, fault] = [null, '', ''];
		dialog?.showModal();
		forgetOpen();
		void fetch('/api/unlock')
			.then((r) => r.json())
			.then((told: { people?: Person[] }) => (people = told.people ?? []))
			.catch(() => undefined);
	});

	async function unlock(e: SubmitEvent) {
		e.preventDefault();
		busy = true;
		try {
			const r = await fetch('/api/unlock', {
				method: 'POST',
				headers: { 'content-type': 'application/json' },
				body: JSON.stringify({ userId: chosen, pin })
			});
			const said = (await r.json()) as { same?: boolean; error?: { message: string } };
			pin = '';
			if (said.error) {
				fault = said.error.message;
				return;
			}
			screenLock.on = screenLock.another = false;
			dialog?.close();
			// Somebody else sees the page as theirs: what the other one typed is kept for them.
			if (said.same) await invalidateAll();
			else location.reload();
		} catch {
			fault = 'The server does not answer. Try again in a moment.';
		} finally {
			busy = false;
		}
	}
</script>

<dialog bind:this={dialog} aria-labelledby="locked" oncancel={(e) => e.preventDefault()}>
	{#if screenLock.on}
		<form onsubmit={unlock}>
			<h1 id="locked">Locked</h1>
			<p class="quiet">
				{screenLock.another
					? `Somebody signed out or in, in another window of this browser. What ${user.name} typed here is kept.`
					: 'Nobody touched this screen for a while. What was typed is kept.'}
			</p>
			<label for="lock-who">Name</label>
			<select
				id="lock-who"
				class="plain-input"
				value={chosen}
				onchange={(e) => (who = Number(e.currentTarget.value))}
			>
				{#each people.length ? people : [user] as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
			</select>
			<PinInput label="PIN" bind:value={pin} {fault} autocomplete="current-password" autofocus />
			<button class="btn act" disabled={busy}
				>{chosen === user.id ? 'Unlock' : 'Sign in here'} <kbd>Enter</kbd></button
			>
			{#if screenLock.another}<button type="button" class="btn" onclick={() => location.reload()}
					>Go on as whoever is signed in now</button
				>{/if}
		</form>
	{/if}
</dialog>

<style>
	dialog {
		margin: 16vh auto auto;
		width: min(420px, 94vw);
		border: 3px solid var(--ink);
		background: var(--sheet);
		color: var(--ink);
		padding: var(--s-20) var(--s-24);
	}
	dialog::backdrop {
		background: var(--stone);
		opacity: 0.96;
	}
	form {
		display: grid;
		gap: var(--s-8);
	}
</style>
