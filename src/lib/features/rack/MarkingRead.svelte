<script lang="ts">
	import type { parseMarking } from '$core/spec/parse-marking';
	import { DIALECT_WORDS, markingParts } from '$core/spec/marking-words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import MarkingTiles from './MarkingTiles.svelte';

	interface Props {
		reading: ReturnType<typeof parseMarking.run>;
		/** In one line, where room is short. */ brief?: boolean;
	}
	/** A marking read back. */
	let { reading, brief = false }: Props = $props();
	const { system } = useUnits();
	const parts = $derived(markingParts(reading, system()));
</script>

<section aria-label="What the marking says" aria-live="polite">
	{#if brief}<p class="small">
			{#each parts as p, i (`${p.field}${i}`)}{i ? ', ' : ''}<b class="num">{p.token}</b> {p.says}{/each}
		</p>{:else}<MarkingTiles {reading} />{/if}
	<p class="quiet">
		Read as: {DIALECT_WORDS[reading.dialect]}. {#if reading.canonical}In standard order: <b class="num"
				>{reading.canonical}</b
			>{/if}
	</p>
	<Reasons reasons={reading.reasons} />
</section>

<style>
	.small {
		font-size: var(--type-small);
	}
	section {
		display: grid;
		gap: var(--s-8);
	}
	.num {
		overflow-wrap: anywhere;
	}
</style>
