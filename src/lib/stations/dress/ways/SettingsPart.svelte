<script lang="ts">
	import { handPace } from '$core/dress/hand-pace';
	import { dressPlan } from '$core/dress/plan';
	import { duration, figure, quantity } from '$core/quantity/format';
	import { chosenWay } from '$core/route/stations/dress/method';
	import { settingsStep } from '$core/route/stations/dress/ways/single-point';
	import { Evidence } from '$core/route/evidence';
	import { outputOf } from '$core/route/step';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import OverlapStrip from '$lib/drawing/OverlapStrip.svelte';
	import RidgeDrawing from '$lib/drawing/RidgeDrawing.svelte';
	import Foresee from '../Foresee.svelte';
	import Metronome from '../Metronome.svelte';
	import WaySheet from '../WaySheet.svelte';

	interface Props {
		desk: Desk;
		ondone: () => void;
	}
	/** Depth, traverse and passes of one diamond, the overlap that comes of them, and the ridge they leave. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const d = $derived(chosenWay(f, Evidence.of(f))?.dresser ?? null);
	const entry = stepEntry(desk, settingsStep, {
		start: {
			depthUm: 20,
			passes: 4,
			dryPasses: 1,
			coolant: desk.facts.machine.wet ? 'continuous' : 'none'
		}
	});
	const p = $derived(preview(settingsStep, f, entry));
	const point = $derived(p.main);
	const plan = $derived(outputOf(p.result, dressPlan));
	const pace = $derived(outputOf(p.result, handPace));
	const byHand = $derived(f.machine.axes === 'by-hand');
	const um = (v: number) => quantity(v, 'um', f.units);
	const idle = $derived(Number(entry.result.values.dryPasses ?? 0) > 0);
	/** Sets the traverse to the lead that gives this kind of dress. */
	function aim(leadUm: number | undefined) {
		if (leadUm)
			entry.set('traverseMmPerMin', figure((leadUm * f.machine.spindleRpm) / 1000, 'mm/min', f.units));
	}
</script>

<WaySheet
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
		...(byHand ? [] : ['measuredPassTimeS'])
	]}
	notes={{
		traverseMmPerMin: point ? `${um(point.leadUm)} per turn` : '',
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
		{#if pace}<Metronome beatS={pace.passTimeS} achieved={pace.achievedLeadUm} {entry} units={f.units} />{/if}
		<Foresee
			{desk}
			leadUm={pace?.achievedLeadUm ?? out.leadUm}
			depthUm={entry.result.values.depthUm ?? 0}
			sharpness={out.overlap.sharpnessIndex}
			dressClass={out.overlap.dressClass}
			dressesLeft={plan?.dressesLeft ?? null}
		/>
	{/snippet}
	{#snippet quick()}{#if point}
			<button class="btn" onclick={() => aim(point.overlap.leads.finishUm)}>Finer finish</button>
			<button class="btn" onclick={() => aim(point.overlap.leads.roughUm)}>Cooler cut</button>
		{/if}{/snippet}
</WaySheet>
