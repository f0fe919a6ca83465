<script lang="ts">
	import type { Snippet } from 'svelte';
	import { page } from '$app/state';

	interface Props {
		children: Snippet;
	}
	/** What plays an instrument or a machine that is not there: shown in the demo shop only, never where somebody works for real. */
	let { children }: Props = $props();
</script>

{#if page.data.simulators}{@render children()}{/if}
