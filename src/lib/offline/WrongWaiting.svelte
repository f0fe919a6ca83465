<script lang="ts">
	import { when } from '$lib/words';
	import { type Wrong, wrongBox } from './wrong-box.svelte';

	interface Props {
		wrong: Wrong;
	}
	/** What is wrong and could not be said to the server yet: what is to be done by hand meanwhile. */
	let { wrong }: Props = $props();
</script>

<section aria-label="Something is wrong on setup {wrong.setupId}">
	<p>
		<b>Something is wrong on setup {wrong.setupId}</b>, pressed by {wrong.by.name}, {when(wrong.atMs)}.
		{#if wrong.refused}The server did not take it: {wrong.refused.message}{:else}The server has not heard of
			it yet: lock and tag the machine by hand, and tell a lead. It is handed in by whoever connects next.{/if}
	</p>
	{#if wrong.refused}<button class="btn" onclick={() => wrongBox.remove(wrong.key)}
			>It was told otherwise</button
		>{/if}
</section>

<style>
	section {
		border-left: 4px solid var(--stop);
		padding-left: var(--s-12);
	}
	p {
		max-width: none;
	}
</style>
