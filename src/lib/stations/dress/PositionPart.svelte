<script lang="ts">
	import type { OutputOf } from '$core/calculation/define';
	import type { dresserPosition } from '$core/dress/dresser-position';
	import { figure, quantity } from '$core/quantity/format';
	import type { SetupFacts } from '$core/route/facts';
	import { dresserSetup, turns } from '$core/route/stations/dress/steps';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';

	interface Props {
		facts: SetupFacts;
		entry: Entry;
		where: OutputOf<typeof dresserPosition> | null;
	}
	/** Where the diamond stands: past centre on the leaving side, leaning the way the rim moves. */
	let { facts, entry, where }: Props = $props();
	const below = $derived(dresserSetup(facts) === 'surface-below');
	const note = $derived(
		where
			? `aim for ${figure(where.recommendedOffsetMm, 'mm', facts.units)}`
			: `leaving side is ${turns(facts) === 'clockwise' ? 'left, so minus' : 'right, so plus'}`
	);
</script>

<QuantityField
	{entry}
	name="offsetMm"
	label={below ? 'Diamond from bottom centre, right is +' : 'Diamond above the spindle centre'}
	{note}
	autofocus
/>
<QuantityField {entry} name="dragAngleDeg" label="Lean, tip the way the rim moves" />
{#if !below}<ChoiceField {entry} name="surfaceMotion" label="At the diamond the rim moves" />{/if}
{#if where}
	<p class="lab">Past centre</p>
	<p class="num huge" class:bad={where.verdict === 'stop'}>
		{quantity(where.pastCentreMm, 'mm', facts.units)} <span>{where.side} side</span>
	</p>
	<Reasons reasons={where.reasons} />
{/if}

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	.huge span {
		font: 500 var(--type-text) var(--text);
		color: var(--ink2);
	}
	.bad {
		color: var(--stop);
	}
</style>
