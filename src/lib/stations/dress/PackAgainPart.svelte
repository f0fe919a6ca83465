<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { quantity } from '$core/quantity/format';
	import { packAgainStep, packNumbers } from '$core/route/stations/dress/pack-again';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Every wheel of the pack measured again after the dress, and the pack stood for as it is now. */
	let { desk, ondone }: Props = $props();
	const { told } = useUnits();
	const facts = $derived(desk.facts);
	const wheels = [desk.facts.wheel!, ...desk.facts.companions.map((c) => c.wheel)];
	const entry = stepEntry(desk, packAgainStep, {
		anew: true,
		start: { wheels: wheels.map((w) => ({ number: w.number, diameterMm: w.diameterMm })) }
	});
	const numbers = $derived(packNumbers(facts));
	const p = $derived(preview(packAgainStep, facts, entry));
	async function act() {
		if (await desk.record('dress', 'pack', entry)) ondone();
	}
</script>

<p class="lab">May turn at most</p>
<p class="num huge" role="status">
	{p.main ? quantity(Math.floor(p.main.maxSpeedRpm), 'rpm', facts.units) : '-'}
	<span>{p.main ? `because of ${p.main.limitedBy}` : 'measure every wheel'}</span>
</p>
{#each numbers as number, i (number)}
	<h3>Wheel {number}</h3>
	<div class="row">
		<QuantityField {entry} name="wheels.{i}.diameterMm" label="Diameter of wheel {number}" />
		<QuantityField {entry} name="wheels.{i}.radialRunoutUm" label="Rim of wheel {number}" />
		<QuantityField {entry} name="wheels.{i}.axialRunoutUm" label="Face of wheel {number}" />
	</div>
{/each}
<YesNo {entry} name="stoodFor" compact />
{#if p.main}<Reasons reasons={p.main.reasons} />{:else if p.fault && p.fault.code !== 'missing'}<p
		class="fault"
	>
		{told(p.fault.message)}
	</p>{/if}
<ActionBar label="Pack is measured" onact={act} busy={desk.busy} stop={p.main?.verdict === 'stop'}>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
	}
	.huge span {
		font: 500 var(--type-text) var(--text);
		color: var(--ink2);
	}
	.row {
		display: grid;
		grid-template-columns: repeat(3, 1fr);
		gap: var(--s-14);
	}
	h3 {
		margin-top: var(--s-10);
	}
</style>
