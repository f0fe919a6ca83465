<script lang="ts">
	import type { Snippet } from 'svelte';
	import { enhance } from '$app/forms';
	import Brand from '$lib/ui/layout/Brand.svelte';

	interface Props {
		title: string;
		/** The key that sends it. */
		action: string;
		children: Snippet;
		/** Under the key. */
		foot?: Snippet;
	}
	/** The sheet in front of the shop: a form that works without the page's script too, and keeps what was typed when it is refused. */
	let { title, action, children, foot }: Props = $props();
	let busy = $state(false);
</script>

<main>
	<Brand />
	<form
		class="sheet"
		method="POST"
		use:enhance={() => {
			busy = true;
			return async ({ update }) => {
				await update({ reset: false });
				busy = false;
			};
		}}
	>
		<h1>{title}</h1>
		{@render children()}
		<button class="btn act" disabled={busy}>{action} <kbd>Enter</kbd></button>
		{@render foot?.()}
	</form>
</main>

<style>
	main {
		max-width: 460px;
		margin: 9vh auto;
		padding: var(--s-16);
		display: grid;
		gap: var(--s-14);
	}
	form {
		padding: var(--s-20) var(--s-24);
		display: grid;
		gap: var(--s-12);
	}
</style>
