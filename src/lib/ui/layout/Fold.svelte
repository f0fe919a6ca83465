<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		title: string | Snippet;
		/** It has to be open: something in it is wrong, or there is nothing else to do. */
		open?: boolean;
		/** Told beside the rest, not asked for. */
		quiet?: boolean;
		children: Snippet;
	}
	/** Something folded away, made only once it is opened: what nobody looks at costs the page nothing. */
	let { title, open = false, quiet = false, children }: Props = $props();
	let opened = $state(false);
</script>

<details
	class:quiet
	{open}
	ontoggle={(e) => {
		if (e.currentTarget.open) opened = true;
	}}
>
	<summary
		>{#if typeof title === 'string'}{title}{:else}{@render title()}{/if}</summary
	>
	{#if open || opened}{@render children()}{/if}
</details>

<style>
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 34px;
		padding-top: var(--s-6);
	}
	.quiet {
		padding: var(--s-8) var(--s-10);
		font-size: var(--type-label);
		color: var(--ink2);
	}
	.quiet summary {
		font-weight: 400;
		min-height: 24px;
		padding: 0;
	}
</style>
