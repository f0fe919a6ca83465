<script lang="ts">
	import type { parseMarking } from '$core/spec/parse-marking';
	import { DIALECT_WORDS } from '$core/spec/marking-words';
	import Reasons from '$lib/ui/Reasons.svelte';
	import MarkingTiles from './MarkingTiles.svelte';

	/** A marking read back. */
	let { reading }: { reading: ReturnType<typeof parseMarking.run> } = $props();
</script>

<section aria-label="What the marking says" aria-live="polite">
	<MarkingTiles {reading} />
	<p class="quiet">Read as: {DIALECT_WORDS[reading.dialect]}. {#if reading.canonical}In standard order: <b class="num">{reading.canonical}</b>{/if}</p>
	<Reasons reasons={reading.reasons} />
</section>

<style>section { display: grid; gap: 8px; } .num { overflow-wrap: anywhere; }</style>
