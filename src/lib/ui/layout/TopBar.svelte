<script lang="ts">
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import LogOut from '@lucide/svelte/icons/log-out';
	import Brand from './Brand.svelte';
	import ThemeButton from './ThemeButton.svelte';

	interface Props {
		user: { name: string; role: string };
	}
	let { user }: Props = $props();
	const places = [
		['/', 'Floor'],
		['/rack', 'Rack'],
		['/setups', 'Setups'],
		['/benches', 'Benches'],
		['/practice', 'Practice'],
		['/log', 'Log'],
		['/shop', 'Shop']
	] as const;
	const here = (href: string) =>
		href === '/' ? page.url.pathname === '/' : page.url.pathname.startsWith(href);
</script>

<header>
	<Brand />
	<nav aria-label="Main">
		{#each places as [href, name] (href)}<a
				href={resolve(href)}
				aria-current={here(href) ? 'page' : undefined}>{name}</a
			>{/each}
	</nav>
	<span class="sp"></span>
	<a class="btn find" href={resolve('/find')}>Find <kbd>/</kbd></a>
	<a
		class="who"
		href={resolve('/account')}
		aria-label="{user.name}, {user.role}; your PIN and about this program"
		>{user.name}<small>{user.role}</small></a
	>
	<form method="POST" action="/sign-out">
		<button class="btn icon" aria-label="Sign out"><LogOut size={18} /></button>
	</form>
	<ThemeButton />
	{#if user.role !== 'viewer'}<a class="btn act new" href={resolve('/setups/new')}>New setup <kbd>N</kbd></a
		>{/if}
</header>

<style>
	header {
		display: flex;
		align-items: center;
		gap: var(--s-10);
		padding: 0 var(--s-20) 0 var(--s-16);
		min-height: 54px;
		border-bottom: 3px solid var(--ink);
		flex-wrap: wrap;
	}
	nav {
		display: flex;
		gap: var(--s-4);
		margin-left: var(--s-20);
		flex-wrap: wrap;
	}
	nav a {
		color: var(--ink2);
		text-decoration: none;
		font-size: var(--type-strong);
		padding: var(--s-10) var(--s-10) var(--s-8);
		min-height: var(--hit);
		border-bottom: 3px solid transparent;
	}
	nav a[aria-current] {
		color: var(--ink);
		font-weight: 680;
		border-color: var(--act);
	}
	.sp {
		flex: 1;
	}
	.who {
		color: var(--ink);
		text-decoration: none;
		font-size: var(--type-small);
		line-height: 1.15;
		text-align: right;
	}
	.who small {
		display: block;
		color: var(--ink2);
		font-size: var(--type-fine);
	}
	.icon {
		padding: var(--s-6) var(--s-10);
	}
	.find {
		font-size: var(--type-label);
	}
	.new {
		font-size: var(--type-label);
		padding: var(--s-6) var(--s-16);
	}
</style>
