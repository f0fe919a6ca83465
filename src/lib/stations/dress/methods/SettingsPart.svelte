<script lang="ts">
	import { handPace } from '$core/dress/hand-pace';
	import { holderStiffness } from '$core/dress/holder-stiffness';
	import { normalLeadUm, referenceDepthUm } from '$core/dress/normal-dress';
	import { tryOrNull } from '$core/calculation/attempt';
	import { overlap } from '$core/dress/overlap';
	import { dressPlan } from '$core/dress/plan';
	import { duration, quantity } from '$core/quantity/format';
	import { formToKeep } from '$core/route/stations/form/for-dress';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { settingsStep } from '$core/route/stations/dress/methods/single-point';
	import { singlePoint } from '$core/dress/single-point';
	import { Evidence, partOf } from '$core/route/evidence';
	import { outputOf } from '$core/route/result';
	import { abrasiveGroup } from '$core/spec/families';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import HolderDrawing from '$lib/drawing/dress/HolderDrawing.svelte';
	import OverlapStrip from '$lib/drawing/OverlapStrip.svelte';
	import RidgeDrawing from '$lib/drawing/RidgeDrawing.svelte';
	import Foresee from '../Foresee.svelte';
	import Metronome from '../Metronome.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Depth, traverse and passes of one diamond, the overlap that comes of them, and the ridge they leave. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const d = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	/** An ordinary dress of this grain, as a start. */
	const grain = desk.facts.wheel?.gritMeanUm ?? null;
	const bite = referenceDepthUm(abrasiveGroup(desk.facts.wheel?.family ?? 'alumina'), grain);
	const usualLead = grain === null ? 60 : normalLeadUm(grain);
	const entry = stepEntry(desk, settingsStep, {
		start: {
			depthUm: Math.round(bite),
			traverseMmPerMin: Math.round((usualLead * desk.facts.machine.spindleRpm) / 1000),
			passes: 4,
			dryPasses: 1,
			coolant: desk.facts.machine.wet ? 'continuous' : 'none'
		}
	});
	const p = $derived(preview(settingsStep, facts, entry));
	const point = $derived(p.main);
	const plan = $derived(outputOf(p.result, dressPlan));
	const holder = $derived(outputOf(p.result, holderStiffness));
	/** The dress as it was recorded last, to stand beside the one that is set now. */
	const before = $derived(partOf(Evidence.of(facts).step(settingsStep), singlePoint));
	const pace = $derived(outputOf(p.result, handPace));
	const byHand = $derived(facts.machine.axes === 'by-hand');
	const um = (v: number) => quantity(v, 'um', facts.units);
	/** While none is entered: the traverse that gives a general dress with this tip and this bite. */
	const usualWords = $derived.by(() => {
		const depthUm = entry.result.values.depthUm;
		if (!d?.tipRadiusUm || typeof depthUm !== 'number') return '';
		const general = tryOrNull(() =>
			overlap.run({ tipRadiusUm: d.tipRadiusUm, flatWidthUm: d.flatWidthUm ?? 0, depthUm, leadUm: usualLead })
		);
		return general
			? `${quantity((general.leads.generalUm * facts.machine.spindleRpm) / 1000, 'mm/min', facts.units)} gives overlap 4`
			: '';
	});
	const idle = $derived(Number(entry.result.values.dryPasses ?? 0) > 0);
	/** Sets the traverse to the lead that gives this kind of dress. */
	function aim(leadUm: number | undefined) {
		if (leadUm) entry.fillOne('traverseMmPerMin', (leadUm * facts.machine.spindleRpm) / 1000);
	}
</script>

<SettingSheet
	{desk}
	step={settingsStep}
	{entry}
	{p}
	what="Overlap{idle && point ? `, ${point.overlap.overlapRatio.toFixed(1)} a pass` : ''}"
	figure={point ? point.overlap.effectiveOverlapRatio.toFixed(1) : '-'}
	means={point?.overlap.dressClass.replace('-', ' and ') ?? ''}
	words={{ continuous: 'full flow', none: 'dry' }}
	hidden={[
		...(entry.typed.coolant === 'none' ? [] : ['dustExtraction']),
		...(byHand ? [] : ['measuredPassTimeS']),
		...(formToKeep(facts) ? [] : ['alongForm'])
	]}
	notes={{
		traverseMmPerMin: point ? `${um(point.leadUm)} per turn` : usualWords,
		passes: plan ? `${um(plan.totalDepthUm)} off, ${duration(plan.timeS)}` : '',
		dryPasses: 'smooth and dull'
	}}
	labels={{ dustExtraction: 'Dust is drawn off' }}
	{ondone}
>
	{#snippet drawing(out)}{#if out}
			<h3>What the diamond leaves on the wheel</h3>
			<RidgeDrawing
				leadUm={out.leadUm}
				activeUm={out.overlap.activeWidthUm}
				depthUm={entry.result.values.depthUm ?? 0}
				tipUm={d?.tipRadiusUm ?? null}
				ridgeUm={out.overlap.scallopHeightUm}
			/>{:else}<p class="quiet">
				Depth, traverse and passes: then the ridge it leaves is drawn here.
			</p>{/if}{/snippet}
	{#snippet strip(out)}<OverlapStrip value={out.overlap.effectiveOverlapRatio} />{/snippet}
	{#snippet beneath(out)}
		{#if pace}<Metronome
				beatS={pace.passTimeS}
				achieved={pace.achievedLeadUm}
				{entry}
				units={facts.units}
			/>{/if}
		<Foresee
			{desk}
			leadUm={pace?.achievedLeadUm ?? out.leadUm}
			depthUm={entry.result.values.depthUm ?? 0}
			sharpness={out.overlap.sharpnessIndex}
			dressClass={out.overlap.dressClass}
			dressesLeft={plan?.dressesLeft ?? null}
			beside={before &&
			(before.output.leadUm !== out.leadUm || Number(before.input.depthUm) !== entry.result.values.depthUm)
				? {
						leadUm: before.output.leadUm,
						depthUm: Number(before.input.depthUm),
						sharpnessIndex: before.output.overlap.sharpnessIndex,
						dressClass: before.output.overlap.dressClass
					}
				: null}
		/>
		{#if holder && d?.overhangMm && d.holderHeightMm}<HolderDrawing
				overhangMm={d.overhangMm}
				heightMm={d.holderHeightMm}
				limitMm={holder.overhangLimitMm}
				deflectionUm={holder.deflectionUm}
				biteUm={entry.result.values.depthUm ?? 0}
				units={facts.units}
			/>{/if}
	{/snippet}
	{#snippet quick()}{#if point}
			<button class="btn" onclick={() => aim(point.overlap.leads.finishUm)}>Finer finish</button>
			<button class="btn" onclick={() => aim(point.overlap.leads.roughUm)}>Cooler cut</button>
		{/if}{/snippet}
</SettingSheet>
