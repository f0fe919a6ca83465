<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { DresserFacts } from '$core/facts/shop';
	import type { SetupFacts } from '$core/facts/setup';
	import type { Run } from '$core/route/stations/dress/run';
	import { isTurned } from '$core/shop/dresser';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	interface Props {
		facts: SetupFacts;
		entry: Entry;
		run: Run | null;
		dresser: DresserFacts | null;
	}
	/** What wheel and dresser measure afterwards: only what this wheel and this dresser can lose. */
	let { facts, entry, run, dresser }: Props = $props();
	/** The wheel that is dressed: of a pack the one that is picked. */
	const w = $derived(
		facts.companions.find((c) => c.wheel.number === entry.typed.wheelNumber)?.wheel ?? facts.wheel!
	);
	const face = $derived(w.rimWidthMm !== null);
	const mm = (v: number | null | undefined) => quantity(v ?? null, 'mm', facts.units);
	const rimAfter = $derived(run && w.rimDepthMm !== null ? w.rimDepthMm - run.takenUm / 1000 : null);
	const pack = $derived(facts.companions.map((c) => c.wheel.number));
	const lead = $derived(facts.wheel!.number);
	const turned = $derived(dresser ? isTurned(dresser.kind) : false);
	const planned = $derived(run && !face ? w.diameterMm - (2 * run.takenUm) / 1000 : null);
	const asPlanned = $derived(face ? rimAfter : planned);
	function plan() {
		if (asPlanned !== null) entry.fillOne(face ? 'rimDepthAfterMm' : 'diameterAfterMm', asPlanned);
	}
</script>

{#if pack.length}<label class="field"
		>Wheel of the pack <select
			class="plain-input"
			bind:value={() => String(entry.typed.wheelNumber ?? '') || lead, (v) => entry.set('wheelNumber', v)}
		>
			{#each [lead, ...pack] as number, at (at)}<option value={number}>{number}</option>{/each}
		</select></label
	>{/if}
<div class="grid">
	{#if face}<QuantityField
			{entry}
			name="rimDepthAfterMm"
			note={rimAfter === null
				? `last ${mm(w.rimDepthMm)}`
				: `the plan says ${mm(rimAfter)}, last ${mm(w.rimDepthMm)}`}
		/>{:else}<QuantityField
			{entry}
			name="diameterAfterMm"
			note={planned === null ? `last ${mm(w.diameterMm)}` : `the plan says ${mm(planned)}`}
		/>{/if}
	{#if dresser?.kind === 'truing-wheel'}<QuantityField
			{entry}
			name="truingWheelAfterMm"
			note="last {mm(dresser.bodyDiameterMm)}"
		/>{:else if dresser?.kind === 'wire'}<QuantityField
			{entry}
			name="spoolLeftM"
			note="last {quantity(dresser.spoolM ?? null, 'm', facts.units)}"
		/>{:else}<QuantityField {entry} name="widthAfterMm" note="only where a side was dressed" />{/if}
</div>
{#if asPlanned !== null}<button class="link" onclick={plan}>Measured as planned</button>{/if}
{#if turned}<YesNo {entry} name="diamondTurned" compact />
	<p class="quiet">
		{dresser?.dressesSinceTurn ?? 0} dresses since it was turned, turn at {dresser?.turnEvery ?? '-'}.
	</p>{/if}

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	.field {
		font-size: var(--type-small);
		color: var(--ink2);
		display: grid;
		gap: var(--s-4);
	}
	.link {
		justify-self: start;
	}
</style>
