<script lang="ts">
	import { dressPlan } from '$core/dress/plan';
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { discStep } from '$core/route/stations/dress/methods/disc';
	import { outputOf } from '$core/route/result';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Foresee from '../Foresee.svelte';
	import ContactSheet from './ContactSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A narrow driven disc across the wheel: speeds as of a roll, tracks as of a tip. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const dresser = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, discStep, {
		start: { contactDirection: 'with', depthUm: 10, leadUm: 60, passes: 2, dryPasses: 0 }
	});
	const p = $derived(preview(discStep, facts, entry));
	const out = $derived(p.main);
	const plan = $derived(outputOf(p.result, dressPlan));
	const q = (v: number, u: 'um' | 'mm/min') => quantity(v, u, facts.units);
</script>

<ContactSheet
	{desk}
	step={discStep}
	{entry}
	{p}
	what="disc"
	{dresser}
	speedField="discSpeedRpm"
	runsMps={out?.discSpeedMps ?? null}
	notes={{
		leadUm: out ? `${q(out.traverseMmPerMin, 'mm/min')}, overlap ${out.overlapRatio.toFixed(1)}` : '',
		passes: plan ? `${q(plan.totalDepthUm, 'um')} off, ${duration(plan.timeS)}` : ''
	}}
	{ondone}
>
	{#snippet beneath(o)}<Foresee
			{desk}
			leadUm={o.leadUm}
			depthUm={entry.result.values.depthUm ?? 0}
			sharpness={o.relativeRoughness ** 2}
			dressClass={o.dressClass}
			dressesLeft={plan?.dressesLeft ?? null}
		/>{/snippet}
</ContactSheet>
