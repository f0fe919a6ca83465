<script lang="ts">
	import type { OutputOf } from '$core/calculation/define';
	import { dressPlan } from '$core/dress/plan';
	import type { singlePoint } from '$core/dress/single-point';
	import { duration, quantity } from '$core/quantity/format';
	import type { SetupFacts } from '$core/route/facts';
	import { outputOf } from '$core/route/step';
	import type { Preview } from '$lib/desk/preview';
	import OverlapStrip from '$lib/drawing/OverlapStrip.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	interface Props {
		facts: SetupFacts;
		entry: Entry;
		set: Preview<OutputOf<typeof singlePoint>>;
	}
	/** Depth, traverse and passes, and the overlap that comes of them. */
	let { facts, entry, set }: Props = $props();
	const point = $derived(set.main);
	const plan = $derived(outputOf(set.result, dressPlan));
	const idle = $derived(Number(entry.at('dryPasses') ?? 0) > 0);
	const um = (v: number) => quantity(v, 'um', facts.units);
</script>

<div class="grid">
	<QuantityField {entry} name="depthUm" autofocus />
	<QuantityField {entry} name="traverseMmPerMin" note={point ? `${um(point.leadUm)} per turn` : ''} />
	<QuantityField
		{entry}
		name="passes"
		note={plan ? `${um(plan.totalDepthUm)} off, ${duration(plan.timeS)}` : ''}
	/>
	<QuantityField {entry} name="dryPasses" note="smooth and dull" />
</div>
<ChoiceField {entry} name="coolant" words={{ continuous: 'full flow', none: 'dry' }} />
{#if entry.typed.coolant === 'none'}<YesNo
		{entry}
		name="dustExtraction"
		compact
		label="Dust is drawn off"
	/>{/if}
<p class="ov">
	Overlap <b class="num">{point ? point.overlap.effectiveOverlapRatio.toFixed(1) : '-'}</b>
	<strong class:dull={point?.overlap.dressClass === 'dull'}
		>{point?.overlap.dressClass.replace('-', ' and ') ?? ''}</strong
	>
	{#if point && idle}<span class="quiet">{point.overlap.overlapRatio.toFixed(1)} a pass</span>{/if}
</p>
<OverlapStrip value={point?.overlap.effectiveOverlapRatio ?? null} />
{#if point}<Reasons reasons={[...point.reasons, ...(plan?.reasons ?? [])]} most={3} />{/if}

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	.ov {
		font-weight: 600;
	}
	.ov b {
		font-size: var(--type-figure);
		margin: 0 var(--s-8);
	}
	.ov strong {
		color: var(--ok);
	}
	.ov span {
		font-weight: 400;
		margin-left: var(--s-8);
	}
	.ov .dull {
		color: var(--stop);
	}
</style>
