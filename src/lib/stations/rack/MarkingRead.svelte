<script lang="ts">
	import type { parseMarking } from '$core/spec/parse-marking';
	import { DIALECT_WORDS, markingParts } from '$core/spec/marking-words';
	import Reasons from '$lib/ui/Reasons.svelte';

	/** A marking read back: every piece with what it means, in the order in which it is printed. */
	let { reading }: { reading: ReturnType<typeof parseMarking.run> } = $props();
	const parts = $derived(markingParts(reading));
</script>

<section aria-label="What the marking says" aria-live="polite">
	{#if parts.length}<ul>{#each parts as p, i (`${p.field}${p.token}${i}`)}<li class={p.field}><b class="num">{p.token}</b><span>{p.name}</span><small>{p.says}</small></li>{/each}</ul>{/if}
	<p class="quiet">Read as: {DIALECT_WORDS[reading.dialect]}. {#if reading.canonical}In standard order: <b class="num">{reading.canonical}</b>{/if}</p>
	<Reasons reasons={reading.reasons} />
</section>

<style>
	section { display: grid; gap: 8px; } ul { list-style: none; padding: 0; display: flex; flex-wrap: wrap; gap: 6px; } li { background: var(--well); border-top: 4px solid var(--edge); padding: 6px 10px 7px; display: grid; min-width: 84px; max-width: 190px; } b { font-size: 20px; line-height: 1.2; font-weight: 700; } li span { font-size: 12.5px; color: var(--ink2); font-weight: 600; } small { font-size: 12.5px; line-height: 1.25; }
	.abrasive { border-color: var(--part-abrasive); } .grit { border-color: var(--part-grit); } .grade { border-color: var(--part-grade); } .structure { border-color: var(--part-structure); } .bond { border-color: var(--part-bond); } .speed { border-color: var(--ok); } .concentration { border-color: var(--part-grade); } .rim, .size, .shape { border-color: var(--steel); }
	.unknown { border-color: var(--stop); background: var(--stop-soft); }
	.num { overflow-wrap: anywhere; }
</style>
