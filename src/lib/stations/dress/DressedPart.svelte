<script lang="ts">
	import { dressPlan } from '$core/dress/plan';
	import { quantity } from '$core/quantity/format';
	import type { SetupFacts } from '$core/route/facts';
	import { outputOf } from '$core/route/step';
	import type { Preview } from '$lib/desk/preview';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	interface Props {
		facts: SetupFacts;
		entry: Entry;
		set: Preview;
	}
	/** The passes to make, what they sounded like, and what the wheel measures afterwards. */
	let { facts, entry, set }: Props = $props();
	const plan = $derived(outputOf(set.result, dressPlan));
	const d = $derived(facts.dresser);
</script>

<ol>
	{#each plan?.steps ?? [] as step (step)}<li>{step}</li>{/each}
</ol>
<YesNo {entry} name="soundEven" compact />
<YesNo {entry} name="diamondTurned" compact />
<QuantityField
	{entry}
	name="diameterAfterMm"
	note={plan ? `the plan says ${quantity(plan.diameterAfterMm, 'mm', facts.units)}` : ''}
/>
{#if d}<p class="quiet">
		{d.dressesSinceTurn} dresses since the diamond was turned, turn at {d.turnEvery}.
	</p>{/if}

<style>
	ol {
		padding-left: var(--s-20);
		display: grid;
		gap: var(--s-4);
	}
</style>
