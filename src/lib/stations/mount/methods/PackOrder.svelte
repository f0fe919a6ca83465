<script lang="ts">
	import SortList from '$lib/ui/fields/SortList.svelte';
	import { type PackStack, nameOf } from './pack-stack.svelte';

	interface Props {
		stack: PackStack;
	}
	/** The parts of a pack in order from the shoulder: dragged or moved by keys, opened, taken out, added. */
	let { stack }: Props = $props();
	const KINDS = ['wheel', 'spacer', 'washer'] as const;
	const listed = $derived(
		stack.items.map((i, n) => ({
			id: String(n),
			text: `${nameOf(i)}${String(i.thicknessMm ?? '') ? `, ${String(i.thicknessMm)}` : ''}`
		}))
	);
</script>

<h3>From the shoulder</h3>
<SortList
	items={listed}
	label="Stack from the shoulder"
	onsort={(order) => stack.sort(order)}
	onremove={(id) => stack.remove(id)}
>
	{#snippet more(_item, n)}<button
			class="btn"
			class:on={stack.open === n}
			aria-pressed={stack.open === n}
			onclick={() => (stack.open = n)}>Sizes<span class="sr"> of part {n + 1}</span></button
		>{/snippet}
</SortList>
<div class="row">
	{#each KINDS as kind (kind)}<button class="btn" onclick={() => stack.add(kind)}
			><span class="sr">Add a </span><span aria-hidden="true">+ </span>{kind}</button
		>{/each}
</div>

<style>
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		margin-top: var(--s-6);
	}
	h3 {
		margin-bottom: var(--s-4);
	}
</style>
