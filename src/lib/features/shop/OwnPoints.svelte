<script lang="ts">
	import Trash from '@lucide/svelte/icons/trash-2';
	import { keysOf } from '$core/calculation/field';
	import { FACTS, SYMPTOMS, shippedPoints } from '$core/prove/shop-points';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry, Typed } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import { CAUSE_WORDS, FACT_WORDS, SYMPTOM_WORDS } from '$lib/stations/prove/trouble-words';

	interface Props {
		entry: Entry;
	}
	/** Where the shop weighs otherwise: which sign speaks for which cause, and by how many points. */
	let { entry }: Props = $props();
	const list = $derived((entry.at('shopPoints') ?? []) as Typed[]);
	const words = { ...SYMPTOM_WORDS, ...FACT_WORDS };
	const SIGNS = [...SYMPTOMS, ...FACTS];
	const CAUSES = keysOf(CAUSE_WORDS);
	/** What was shipped for the pair that is picked; nothing while one of the two is open. */
	function shipped(i: number): string {
		const of = SIGNS.find((x) => x === entry.at(`shopPoints.${i}.of`));
		const cause = CAUSES.find((x) => x === entry.at(`shopPoints.${i}.cause`));
		return of && cause ? `shipped ${shippedPoints(of, cause)}` : '';
	}
	const without = (i: number) =>
		entry.set(
			'shopPoints',
			list.filter((_, k) => k !== i)
		);
</script>

<ol aria-label="Points of this shop">
	{#each list as _, i (i)}<li data-field="shopPoints.{i}.cause" tabindex="-1">
			<ChoiceField {entry} name="shopPoints.{i}.of" {words} list />
			<ChoiceField {entry} name="shopPoints.{i}.cause" words={CAUSE_WORDS} list />
			<QuantityField {entry} name="shopPoints.{i}.points" note={shipped(i)} />
			<button type="button" class="btn" aria-label="Take point {i + 1} away" onclick={() => without(i)}
				><Trash size={16} /></button
			>
		</li>{:else}<li class="quiet">As shipped. Touch a figure beneath to weigh it otherwise.</li>{/each}
</ol>

<style>
	ol {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-8);
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 130px 44px;
		gap: var(--s-12);
		align-items: center;
	}
	li.quiet {
		display: block;
	}
	@media (max-width: 800px) {
		li {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
