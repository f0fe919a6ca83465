<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import ThemeButton from '$lib/ui/layout/ThemeButton.svelte';

	interface Props {
		desk: SetupSession;
	}
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const user = $derived(page.data.user as { name: string; role: string });
</script>

<header>
	<p class="crumb">
		<a href={resolve('/setups')}>Setup {facts.id}</a> <b>{facts.brief.part}, {facts.brief.quantity} off</b>
		<span>{facts.machine.code} {facts.machine.name}</span>
	</p>
	<span class="sp"></span>
	<a class="who" href={resolve('/account')} aria-label="{user.name}, {user.role}; your PIN"
		>{user.name}<small>{user.role}</small></a
	>
	<button
		class="btn"
		disabled={user.role === 'viewer'}
		onclick={() => desk.units(facts.units === 'mm' ? 'inch' : 'mm')}
		aria-label="Numbers in {facts.units === 'mm'
			? 'millimetres; switch to inches'
			: 'inches; switch to millimetres'}">{facts.units}</button
	>
	<ThemeButton />
	<a class="btn" href={resolve(`/api/setups/${facts.id}/card`)} target="_blank">Card</a>
	<a class="btn" href={resolve('/find')}>Find <kbd>/</kbd></a>
	{#if facts.incidentId}<a class="btn stop" href={resolve(`/incidents/${facts.incidentId}`)}>Incident plan</a
		>{:else}<a class="btn stop" href={resolve(`/setups/${facts.id}/wrong`)}>Something is wrong</a>{/if}
</header>

<style>
	header {
		display: flex;
		align-items: center;
		gap: var(--s-10);
		min-height: 54px;
		padding: var(--s-4) var(--s-20) var(--s-4) var(--s-8);
		flex-wrap: wrap;
	}
	.crumb {
		color: var(--ink2);
		display: flex;
		gap: var(--s-4) var(--s-12);
		flex-wrap: wrap;
		align-items: baseline;
		/* A long job takes two lines rather than pushing the keys apart. */
		flex: 0 1 auto;
		min-width: 0;
	}
	.crumb b {
		color: var(--ink);
		font-weight: 650;
	}
	@media (min-width: 1001px) {
		header {
			flex-wrap: nowrap;
		}
		header .btn {
			white-space: nowrap;
		}
	}
	.crumb a {
		color: var(--ink2);
	}
	.who {
		display: grid;
		color: var(--ink);
		text-decoration: none;
		font-size: var(--type-small);
		line-height: 1.15;
		text-align: right;
	}
	.who small {
		color: var(--ink2);
	}
	.sp {
		flex: 1;
	}
</style>
