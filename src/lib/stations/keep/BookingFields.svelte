<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
	import { dressCompensation } from '$core/set/dress-compensation';
	import type { InputFault } from '$core/calculation/fault';
	import type { SetupFacts } from '$core/facts/setup';
	import type { RedressCycle } from '$core/route/stations/keep/redress-cycle';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import type { What } from './suggested';

	interface Props {
		entry: Entry;
		what: What;
		loop: RedressCycle;
		facts: SetupFacts;
		fault: InputFault | null;
	}
	/** What is told with a booking: as little as that booking needs. */
	let { entry, what, loop, facts, fault }: Props = $props();
	const { q, told } = useUnits();
	const grinding = $derived(what === 'ground-on' || what === 'redressed');
	const taken = $derived(entry.result.values.takenUm);
	/** How far the zero goes after the rim, by what the dial counts; towards the part, whichever side that is. */
	const zeroMm = $derived(
		what === 'redressed' && typeof taken === 'number'
			? tryOrNull(
					() =>
						dressCompensation.run({
							dressRadialUm: taken,
							dialReads: facts.machine.dialReads,
							contactSide: 'x-plus',
							previousZeroMm: 0
						}).shiftMm
				)
			: null
	);
	const later = ['redressAfterParts', 'redressAfterMm', 'targetMps'] as const;
</script>

<div class="grid">
	<QuantityField {entry} name="partsGround" note="{facts.sums.partsGround} before" />
	{#if grinding && (loop.insideMm.length || loop.everyMm !== null || what === 'redressed')}<QuantityField
			{entry}
			name="inPartMm"
			label="Part {loop.part + (Number(entry.result.values.partsGround) || 0)} is now"
			note={loop.partMm === null ? 'deep' : `deep, of ${q(loop.partMm, 'mm')}`}
		/>{/if}
	{#if what === 'redressed'}<QuantityField {entry} name="takenUm" note="off the radius" />{/if}
	<QuantityField
		{entry}
		name="diameterAfterMm"
		asked={!grinding}
		note="last {q(facts.wheel!.diameterMm, 'mm')}"
	/>
	{#if what === 'worn-out'}<div class="wide"><TextField {entry} name="why" /></div>{/if}
	{#if what === 'taken-off' && facts.mount && !facts.companions.length}<div class="wide">
			<YesNo {entry} name="staysOnMount" label="Stays on {facts.mount.code}, balanced" compact />
		</div>{/if}
</div>
{#if fault?.code === 'really' || entry.at('sure') === true}<p class="fault">{told(fault?.message ?? '')}</p>
	<YesNo {entry} name="sure" compact />
{:else if fault && fault.code !== 'missing'}<p class="fault">{told(fault.message)}</p>{/if}
<div class="foot">
	{#if zeroMm !== null}<p class="zero">
			<b>Zero moves by {q(zeroMm, 'mm')}</b> after this dress, towards the part. Touch once and see.
		</p>{/if}
	<Fold
		title="More"
		open={later.some((n) => entry.faultAt(n)) ||
			(loop.everyParts === null && loop.everyMm === null && !loop.insideMm.length)}
	>
		<div class="grid">
			{#if !loop.insideMm.length}<QuantityField
					{entry}
					name="redressAfterParts"
					note={loop.everyParts === null ? 'parts between dresses' : `now after ${loop.everyParts}`}
				/><QuantityField
					{entry}
					name="redressAfterMm"
					note={loop.everyMm === null ? 'in place of parts' : `now after ${q(loop.everyMm, 'mm')}`}
				/>{/if}<QuantityField {entry} name="targetMps" label="Speed wanted at the rim" />
		</div>
	</Fold>
</div>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(4, minmax(0, 1fr));
		gap: var(--s-4) var(--s-14);
	}
	@media (max-width: 700px) {
		.grid {
			grid-template-columns: 1fr 1fr;
		}
	}
	.wide {
		grid-column: span 2;
	}
	.foot {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-4) var(--s-16);
		align-items: start;
	}
	.foot > :global(details[open]) {
		flex: 1 0 100%;
	}
	.zero {
		flex: 1;
		background: var(--caution-soft);
		border-left: 4px solid var(--caution);
		padding: var(--s-6) var(--s-10);
		font-size: var(--type-label);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
