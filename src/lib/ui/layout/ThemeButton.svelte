<script lang="ts">
	import Moon from '@lucide/svelte/icons/moon';
	import Sun from '@lucide/svelte/icons/sun';
	import { onMount } from 'svelte';

	let dark = $state(false);
	onMount(() => {
		dark =
			(document.documentElement.dataset.theme ??
				(matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light')) === 'dark';
	});
	function toggle() {
		dark = !dark;
		document.documentElement.dataset.theme = dark ? 'dark' : 'light';
		try {
			localStorage.setItem('uncinus-theme', dark ? 'dark' : 'light');
		} catch {
			/* not kept without storage */
		}
	}
</script>

<button class="btn icon" type="button" onclick={toggle} aria-label={dark ? 'Light theme' : 'Dark theme'}
	>{#if dark}<Sun size={18} />{:else}<Moon size={18} />{/if}</button
>

<style>
	.icon {
		padding: var(--s-6) var(--s-10);
	}
</style>
