<script lang="ts">
	import { setContext } from 'svelte';
	import { page } from '$app/state';
	import Keys from '$lib/ui/layout/Keys.svelte';
	import LockScreen from '$lib/features/people/LockScreen.svelte';
	import { setCurrentUser } from '$lib/ui/fields/user-scoped-key';
	import WaitingNote from '$lib/offline/WaitingNote.svelte';
	import { tellTimesIn } from '$lib/words';
	import TopBar from '$lib/ui/layout/TopBar.svelte';
	let { data, children } = $props();
	// Before any form below is made.
	setCurrentUser(data.user.id);
	tellTimesIn(data.shop.timeZone);
	setContext('system', () => data.shop.units);
	/** Inside a setup the rim takes the place of the bar. */
	const inSetup = $derived(/^\/setups\/\d+/.test(page.url.pathname));
</script>

<WaitingNote />
{#if inSetup}{@render children()}
{:else}
	<TopBar user={data.user} />
	<Keys />
	{@render children()}
{/if}
<LockScreen user={data.user} idleS={data.idleS} />
