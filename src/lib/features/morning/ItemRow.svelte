<script lang="ts">
	import type { ItemState } from '$core/set/daily-items';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { Item } from './items';

	interface Props {
		entry: Entry;
		item: Item;
		state: ItemState | null;
		/** This machine has none. */
		onnone: () => void;
	}
	/** One thing to look at: large, with its answer beside it and the mark of how it stands. */
	let { entry, item, state, onnone }: Props = $props();
	const path = (name: string) => `checks.${name}`;
	const kind = (name: string) => entry.fieldAt(path(name))?.kind;
	const mark = $derived(
		state?.state === 'pass'
			? 'ok'
			: state?.state === 'fail'
				? state.level === 'stop'
					? 'stop'
					: 'caution'
				: 'open'
	);
</script>

<div class="item" id="item-{item.name}">
	<span class="mark"><VerdictMark state={mark} label="" /></span>
	<div class="fields" class:many={item.fields.length > 1}>
		{#each item.fields as name (name)}{#if kind(name) === 'boolean'}<YesNo
					{entry}
					name={path(name)}
					compact
				/>{:else}<QuantityField
					{entry}
					name={path(name)}
					note={item.limit?.(entry.result.values) ?? ''}
					asked
				/>{/if}{/each}
	</div>
	<span class="end"
		>{#if item.name === 'concentrationPct' && typeof state?.value === 'number'}<b class="num"
				>{state.value.toFixed(1)} %</b
			>{:else}<button class="link" onclick={onnone} aria-label="{item.title}: not on this machine"
				>none</button
			>{/if}</span
	>
</div>

<style>
	.item {
		display: grid;
		grid-template-columns: 24px minmax(0, 1fr) 48px;
		gap: var(--s-8);
		align-items: center;
		padding: var(--s-6) 0;
		border-bottom: 1px solid var(--rule);
		min-height: 58px;
	}
	/* One thing on one line: what it is, and its answer beside it. */
	.fields:not(.many) :global(.field) {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 130px;
		align-items: center;
		gap: 0 var(--s-10);
	}
	.fields :global(.field label) {
		color: var(--ink);
		font-size: var(--type-label);
	}
	.fields:not(.many) :global(.field .qty) {
		grid-column: 2;
		grid-row: 1 / span 2;
	}
	.fields:not(.many) :global(.field .alt) {
		grid-column: 1;
		min-height: 0;
		margin: 0;
	}
	.fields:not(.many) :global(.field label) {
		align-self: end;
		margin: 0;
	}
	.fields.many {
		display: grid;
		grid-template-columns: repeat(2, 1fr);
		gap: 0 var(--s-12);
	}
	.fields.many :global(fieldset) {
		grid-column: 1 / -1;
	}
	.end {
		text-align: right;
	}
	b {
		font-size: var(--type-text);
	}
	.link {
		font-size: var(--type-small);
		min-width: 44px;
		min-height: 44px;
	}
</style>
