<script lang="ts">
	import type { Marking } from '$core/spec/marking';
	import { markingParts } from '$core/spec/marking-words';
	import { useUnits } from '$lib/ui/use-units';
	import { partColour } from './part-colour';

	interface Props {
		reading: Marking;
	}
	/** Every piece of a marking with what it means, in the order in which it is printed. */
	let { reading }: Props = $props();
	const { system } = useUnits();
	const parts = $derived(markingParts(reading, system()));
</script>

{#if parts.length}<ul aria-label="What each piece means">
		{#each parts as p, i (`${p.field}${p.token}${i}`)}<li
				class={p.field}
				style:border-color={partColour(p.field)}
			>
				<b class="num">{p.token}</b><span>{p.name}</span><small>{p.says}</small>
			</li>{/each}
	</ul>{/if}

<style>
	ul {
		list-style: none;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-6);
	}
	li {
		background: var(--well);
		border-top: 4px solid var(--edge);
		padding: var(--s-6) var(--s-10) var(--s-8);
		display: grid;
		min-width: 84px;
		max-width: 190px;
	}
	b {
		font-size: var(--type-title);
		line-height: 1.2;
		font-weight: 700;
		overflow-wrap: anywhere;
	}
	li span {
		font-size: var(--type-fine);
		color: var(--ink2);
		font-weight: 600;
	}
	small {
		font-size: var(--type-fine);
		line-height: 1.25;
	}
	.unknown {
		background: var(--stop-soft);
	}
</style>
