<script lang="ts">
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import type { ItemState } from '$core/set/daily-items';
	import { type Item, isWanting, protects } from './items';

	interface Props {
		/** What is not right, or not looked at yet. */
		open: readonly Item[];
		stateOf: (name: string) => ItemState | null;
		/** Something that protects people was found wanting. */
		bad: boolean;
	}
	/** Whether this machine may start, what must be put right first, and what nobody looked at yet. */
	let { open, stateOf, bad }: Props = $props();
	const unsafe = $derived(open.filter((i) => protects(stateOf(i.name))));
	const failed = $derived(
		[...unsafe, ...open.filter((i) => !unsafe.includes(i))].filter((i) => isWanting(stateOf(i.name)))
	);
	const waiting = $derived(open.filter((i) => !failed.includes(i)));
	const figure = $derived(
		bad
			? 'Do not start'
			: unsafe.length
				? `${open.length} to look at`
				: open.length
					? `${open.length} open`
					: 'May start'
	);
	const to = (name: string) => document.getElementById(`item-${name}`)?.querySelector('input')?.focus();
</script>

<Decisive
	what="This machine"
	{figure}
	tone={bad ? 'stop' : unsafe.length || !open.length ? 'plain' : 'caution'}
/>
{#if failed.length}<ul aria-label="Put right first">
		{#each failed as i (i.name)}<li class:stop={unsafe.includes(i)}>
				<button class="link" onclick={() => to(i.name)}>{i.title}</button>: {i.cure}
			</li>{/each}
	</ul>{/if}
{#if waiting.length}<p>
		<span class="quiet">Not looked at yet:</span>
		{#each waiting as i (i.name)}<button class="link" onclick={() => to(i.name)}>{i.title}</button>{/each}
	</p>{/if}

<style>
	ul {
		list-style: none;
		margin: 0;
		padding: 0;
		font-size: var(--type-label);
	}
	li {
		border-left: 4px solid var(--caution);
		padding: var(--s-2, 2px) var(--s-10);
		margin-bottom: var(--s-4);
	}
	li.stop {
		border-color: var(--stop);
	}
	p {
		display: flex;
		flex-wrap: wrap;
		gap: 0 var(--s-12);
		align-items: center;
	}
</style>
