<script lang="ts" generics="Id extends string">
	import type { Parts } from './parts.svelte';

	interface Props {
		parts: Parts<Id>;
		/** What these are parts of: "mounting". */
		of: string;
	}
	/** The parts of a bench; a tick where the gate says that the part is done. */
	let { parts, of }: Props = $props();
</script>

<div class="tabs" role="group" aria-label="Part of {of}">
	{#each parts.all.filter((p) => !p.aside) as p (p.id)}
		<button
			class="btn"
			class:on={parts.open === p.id}
			aria-pressed={parts.open === p.id}
			disabled={p.closed}
			onclick={() => parts.choose(p.id)}>{p.title}{parts.done(p) ? ' ✓' : ''}</button
		>
	{/each}
</div>

<style>
	.tabs {
		display: flex;
		gap: var(--s-6);
		margin: var(--s-6) 0;
		flex-wrap: wrap;
	}
	.tabs .btn {
		padding-inline: var(--s-12);
	}
</style>
