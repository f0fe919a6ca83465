<script lang="ts">
	import { dressPlan } from '$core/dress/plan';
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { clusterStep } from '$core/route/stations/dress/methods/cluster';
	import { outputOf } from '$core/route/result';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import { BAD, FINE, GOOD, PLAIN, WATCH } from '$lib/drawing/dress/bands';
	import NibDrawing from '$lib/drawing/dress/NibDrawing.svelte';
	import Foresee from '../Foresee.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Where the tracks of a nib's points fall over two leads, and the nearest lead that leaves no gap. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, clusterStep, { start: { depthUm: 20, passes: 2, dryPasses: 0 } });
	const p = $derived(preview(clusterStep, facts, entry));
	const nib = $derived(p.main);
	/** The lead to use: the one that is set where it leaves no gap, else the nearest that does. */
	const lead = $derived(nib ? (nib.clearLeadUm ?? nib.leadUm) : null);
	const plan = $derived(outputOf(p.result, dressPlan));
	const um = (v: number | null | undefined) => quantity(v ?? null, 'um', facts.units);
	const width = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser?.clusterWidthMm ?? 0);
	const BANDS = [
		{ from: 0, to: 1, name: 'thread', fill: BAD },
		{ from: 1, to: 3, name: 'rough', fill: PLAIN },
		{ from: 3, to: 5, name: 'general', fill: GOOD },
		{ from: 5, to: 10, name: 'fine', fill: FINE },
		{ from: 10, to: 13, name: 'dull', fill: WATCH }
	];
	const take = (leadUm: number | null | undefined) => leadUm && entry.fillOne('leadUm', leadUm);
</script>

<SettingSheet
	{desk}
	step={clusterStep}
	{entry}
	{p}
	what="Lead that leaves no gap"
	figure={um(lead)}
	means={lead ? `${quantity((lead * facts.machine.spindleRpm) / 1000, 'mm/min', facts.units)} to dial` : ''}
	later={['tiltDeg', 'target']}
	notes={{
		leadUm: nib ? `${um(nib.suggestedLeadUm)} when left empty` : '',
		passes: plan ? `${um(plan.totalDepthUm)} off, ${duration(plan.timeS)}` : ''
	}}
	{ondone}
>
	{#snippet drawing(out)}{#if out}<NibDrawing
				pitchUm={out.pointSpacingUm}
				points={out.activePoints}
				activeUm={out.activeWidthUm}
				leadUm={out.leadUm}
				gapUm={out.largestGapUm}
				widthMm={width}
				units={facts.units}
			/>{/if}{/snippet}
	{#snippet strip(out)}<BandStrip
			value={out.trackOverlapRatio}
			bands={BANDS}
			label="Overlap at the worst place"
		/>{/snippet}
	{#snippet beneath(out)}<Foresee
			{desk}
			leadUm={out.leadUm / out.activePoints}
			depthUm={entry.result.values.depthUm ?? 0}
			sharpness={out.sharpnessIndex}
			dressClass={out.dressClass}
			dressesLeft={plan?.dressesLeft ?? null}
		/>{/snippet}
	{#snippet quick()}{#if nib}<button class="btn" onclick={() => take(nib.clearLeadUm ?? nib.suggestedLeadUm)}
				>Take {um(nib.clearLeadUm ?? nib.suggestedLeadUm)}</button
			>{/if}{/snippet}
</SettingSheet>
