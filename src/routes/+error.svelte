<script lang="ts">
	import { resolve } from '$app/paths';
	import { onMount } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import { page } from '$app/state';
	import BenchFailed from '$lib/ui/feedback/BenchFailed.svelte';
	import '$lib/ui/base.css';

	const down = $derived(page.error?.code === 'database-down' || page.error?.code === 'cannot-keep');
	/** The page was not kept in this browser, and the network is away. */
	let silent = $state(false);
	/** A bench that cannot be shown may be shown without what was typed at it. */
	const bench = $derived.by(() => {
		const at = /^\/setups\/(\d+)\/([a-z-]+)$/.exec(page.url.pathname);
		return at ? `setup-${at[1]}-${at[2]}-` : null;
	});
	onMount(() => {
		void fetch('/health').then(
			(r) => r.text(),
			() => {
				silent = page.status >= 500;
			}
		);
		// A database that comes back is noticed without anybody pressing anything.
		const timer = setInterval(async () => {
			if (!(down || silent) || !(await fetch('/health').catch(() => null))?.ok) return;
			if (silent) location.reload();
			else await invalidateAll();
		}, 3000);
		return () => clearInterval(timer);
	});
</script>

<svelte:head><title>Uncinus</title></svelte:head>
<main>
	{#if silent}<h1>No network</h1>
		<p>
			This page is not kept in this browser. It opens by itself as soon as the server answers; what was
			recorded waits and goes out then.
		</p>
		<p><button class="btn" onclick={() => history.back()}>Back</button></p>
	{:else if bench && page.status >= 500 && !down}<BenchFailed
			prefix={bench}
			onagain={() => location.reload()}
		/>{:else}<h1>
			{down
				? 'The database does not answer'
				: page.status === 404
					? 'Nothing here'
					: page.status === 403
						? 'Not allowed'
						: 'That did not work'}
		</h1>
		<p>{page.error?.message}</p>
		<!-- The address asked for may be none of ours: trying again asks for it as it stands. -->
		<!-- eslint-disable svelte/no-navigation-without-resolve -->
		<p>
			<a class="btn act" href={down ? page.url.pathname : resolve('/')}
				>{down ? 'Try again' : 'To the floor'}</a
			>
		</p>{/if}
</main>

<style>
	main {
		max-width: 640px;
		margin: 12vh auto;
		padding: var(--s-24);
		display: grid;
		gap: var(--s-14);
	}
</style>
