<script lang="ts">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import X from '@lucide/svelte/icons/x';
	import { untrack, type Snippet } from 'svelte';
	import { dndzone, type DndEvent } from 'svelte-dnd-action';

	/** A list whose order is changed by dragging a line, or by its arrows. */
	interface Item {
		id: string;
		text: string;
		fixed?: boolean;
	}
	interface Props {
		items: readonly Item[];
		label: string;
		disabled?: boolean;
		onsort: (ids: string[]) => void;
		onremove?: (id: string) => void;
		more?: Snippet<[Item, number]>;
	}
	let { items, label, disabled = false, onsort, onremove, more }: Props = $props();
	let shown = $state<Item[]>(untrack(() => [...items]));
	let dragging = false;
	$effect(() => {
		const next = [...items];
		if (!dragging) shown = next;
	});
	function consider(e: CustomEvent<DndEvent<Item>>) {
		dragging = true;
		shown = e.detail.items;
	}
	function finalize(e: CustomEvent<DndEvent<Item>>) {
		dragging = false;
		shown = e.detail.items;
		onsort(shown.map((i) => i.id));
	}
	function move(i: number, by: number) {
		const ids = shown.map((x) => x.id);
		const [one] = ids.splice(i, 1);
		ids.splice(i + by, 0, one!);
		onsort(ids);
	}
	const still = typeof matchMedia !== 'undefined' && matchMedia('(prefers-reduced-motion: reduce)').matches;
</script>

<ol
	aria-label={label}
	use:dndzone={{
		items: shown,
		flipDurationMs: still ? 0 : 120,
		dragDisabled: disabled,
		dropTargetStyle: {},
		zoneItemTabIndex: -1,
		autoAriaDisabled: true
	}}
	onconsider={consider}
	onfinalize={finalize}
>
	{#each shown as item, i (item.id)}
		<li>
			<span class="n num">{i + 1}</span><span class="t">{item.text}</span>
			{#if more}{@render more(item, i)}{/if}
			{#if !disabled && !item.fixed}
				<button class="btn" disabled={i === 0} aria-label="Move {item.text} up" onclick={() => move(i, -1)}
					><ArrowUp size={15} /></button
				><button
					class="btn"
					disabled={i === shown.length - 1}
					aria-label="Move {item.text} down"
					onclick={() => move(i, 1)}><ArrowDown size={15} /></button
				>
				{#if onremove}<button class="btn" aria-label="Take {item.text} out" onclick={() => onremove(item.id)}
						><X size={15} /></button
					>{/if}
			{/if}
		</li>
	{/each}
</ol>

<style>
	ol {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-4);
		min-height: 40px;
	}
	li {
		display: flex;
		gap: var(--s-6);
		align-items: center;
		padding: var(--s-4) var(--s-4) var(--s-4) var(--s-10);
		background: var(--well);
		border: 1px solid var(--rule);
	}
	.n {
		color: var(--ink2);
		width: 20px;
	}
	.t {
		flex: 1;
		font-weight: 600;
		cursor: grab;
		min-width: 0;
	}
	.btn {
		padding: var(--s-4) var(--s-8);
		min-height: 36px;
	}
</style>
