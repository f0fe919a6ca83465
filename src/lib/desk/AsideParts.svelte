<script lang="ts" generics="Id extends string">
	import type { Parts } from './parts.svelte';

	interface Props {
		title: string;
		parts: Parts<Id>;
		/** Where it goes back to when the same is pressed again. */
		home: Id;
	}
	/** The title of a bench with what is at hand beside the way. */
	let { title, parts, home }: Props = $props();
</script>

<header>
	<h1>{title}</h1>
	{#each parts.all.filter((p) => p.aside && !p.closed) as p (p.id)}<button
			class="link"
			aria-pressed={parts.open === p.id}
			onclick={() => parts.choose(parts.open === p.id ? home : p.id)}>{p.title}</button
		>{/each}
</header>

<style>
	header {
		display: flex;
		gap: var(--s-4) var(--s-16);
		align-items: baseline;
		flex-wrap: wrap;
	}
	h1 {
		flex: 1;
	}
</style>
