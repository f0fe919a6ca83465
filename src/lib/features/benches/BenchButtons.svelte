<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		entry: Entry;
		/** Fills in an example. */
		example: () => void;
		/** May be emptied; a bench with few fields need not. */
		empties?: boolean;
		children?: Snippet;
	}
	/** What every bench offers under its fields: an example, a clean sheet, inches. */
	let { entry, example, empties = true, children }: Props = $props();
</script>

<div class="row">
	{@render children?.()}<button class="btn" onclick={example}>Fill in an example</button>{#if empties}<button
			class="btn"
			onclick={() => entry.fill({})}>Empty it</button
		>{/if}<button
		class="btn"
		aria-pressed={entry.system === 'inch'}
		onclick={() => entry.switchTo(entry.system === 'mm' ? 'inch' : 'mm')}
		>{entry.system === 'mm' ? 'Inches' : 'Millimetres'}</button
	>
</div>

<style>
	.row {
		grid-column: 1 / -1;
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		margin-top: var(--s-8);
	}
</style>
