<script lang="ts">
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import { when } from '$lib/words';
	import { outbox } from './outbox.svelte';
	import RefusedWaiting from './RefusedWaiting.svelte';
	import WrongWaiting from './WrongWaiting.svelte';
	import { wrongBox } from './wrong-box.svelte';

	/** How often it is tried again while something waits. */
	const AGAIN_AFTER_MS = 3000;
	/** Said on every page while the network is away or something waits for it; sends what waits as soon as it can. */
	let offline = $state(false);
	const going = $derived(outbox.list.filter((w) => outbox.due(w.setupId).includes(w)));
	const refused = $derived(outbox.list.filter((w) => !going.includes(w)));
	const away = $derived(offline || outbox.away);

	async function tryAgain() {
		// What was taken or refused changes what every page shows.
		const wrong = await wrongBox.flush();
		if ((await outbox.flush()) || wrong) await invalidateAll();
	}
	/** Whether the server is there again, while nothing waits that would tell. */
	const look = () =>
		fetch('/health').then(
			async (r) => {
				await r.text();
				outbox.away = false;
				await invalidateAll();
			},
			() => undefined
		);
	onMount(() => {
		outbox.look();
		wrongBox.look();
		offline = !navigator.onLine;
		void tryAgain();
		// A page that was kept shows what was known when it was loaded; newer is kept beside it.
		if (navigator.serviceWorker?.controller)
			void fetch('/health').then(
				(r) => r.text(),
				() => {
					outbox.away = true;
					void invalidateAll();
				}
			);
		const timer = setInterval(
			() => void (going.length || wrongBox.due.length ? tryAgain() : outbox.away && look()),
			AGAIN_AFTER_MS
		);
		const back = () => {
			offline = false;
			outbox.away = false;
			void tryAgain();
		};
		const gone = () => {
			offline = true;
		};
		// Another tab of this browser recorded, sent or left out something.
		const other = () => {
			outbox.look();
			wrongBox.look();
		};
		window.addEventListener('online', back);
		window.addEventListener('offline', gone);
		window.addEventListener('storage', other);
		return () => {
			clearInterval(timer);
			window.removeEventListener('online', back);
			window.removeEventListener('offline', gone);
			window.removeEventListener('storage', other);
		};
	});
</script>

{#if away || outbox.list.length || wrongBox.list.length || outbox.unreadable}
	<aside aria-label="Without the network">
		{#if away || going.length}<p role="status">
				<b
					>{away
						? 'No network.'
						: outbox.held?.code === 'signed-out'
							? 'You are signed out.'
							: outbox.held
								? outbox.held.message
								: 'Sending.'}</b
				>
				{#if going.length}{going.length === 1 ? 'One record waits' : `${going.length} records wait`} in this browser
					and {going.length === 1 ? 'goes' : 'go'} out by {going.length === 1 ? 'itself' : 'themselves'}:
					<span class="num"
						>{going
							.slice(-3)
							.map((w) => `${STATION_NAMES[w.station as StationId]}, ${w.title}, ${when(w.atMs)}`)
							.join('; ')}</span
					>.{:else if away}What you record on an open setup waits here. A start, a release or a lock needs the
					server.{/if}
				{#if outbox.held?.code === 'signed-out'}<a
						href={resolve(`/sign-in?to=${encodeURIComponent(page.url.pathname)}`)}>Sign in</a
					>{/if}
			</p>{/if}
		{#each wrongBox.list as wrong (wrong.key)}<WrongWaiting {wrong} />{/each}
		{#each refused as kept (kept.key)}<RefusedWaiting {kept} />{/each}
		{#if outbox.unreadable}<p>
				{outbox.unreadable === 1
					? 'One thing that waited here'
					: `${outbox.unreadable} things that waited here`}
				cannot be read as a record any more. Nothing of it was sent; it is kept in this browser.
			</p>{/if}
	</aside>
{/if}

<style>
	aside {
		border-bottom: 2px solid var(--caution);
		background: var(--caution-soft);
		padding: var(--s-8) var(--s-20);
		display: grid;
		gap: var(--s-8);
	}
	p {
		max-width: none;
	}
</style>
