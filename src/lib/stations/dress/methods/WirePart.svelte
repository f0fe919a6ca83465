<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { lastRunout } from '$core/route/stations/true/known-runout';
	import { wireStep } from '$core/route/stations/dress/methods/wire';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import { BAD, GOOD, WATCH } from '$lib/drawing/dress/bands';
	import ShareBar from '$lib/drawing/dress/ShareBar.svelte';
	import UsedBar from '$lib/drawing/dress/UsedBar.svelte';
	import WireDrawing from '$lib/drawing/dress/WireDrawing.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import Generator from './Generator.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A fresh wire that never touches: its gap, whether it holds, how long it takes, and what it uses up. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const d = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, wireStep, {
		start: { runoutTirUm: lastRunout(desk.facts), finishStockUm: 12 }
	});
	const p = $derived(preview(wireStep, facts, entry));
	const out = $derived(p.main);
	const v = $derived(entry.result.values);
	const clock = (s: number) => `${Math.floor(s / 60)}:${String(Math.round(s) % 60).padStart(2, '0')}`;
	const BANDS = [
		{ from: 0, to: 1, name: 'breaks', fill: BAD },
		{ from: 1, to: 1.3, name: 'thin', fill: WATCH },
		{ from: 1.3, to: 3, name: 'holds', fill: GOOD }
	];
	const oil = $derived(v.dielectric === 'oil');
</script>

<SettingSheet
	{desk}
	step={wireStep}
	{entry}
	{p}
	what="Time for this dress"
	figure={out ? clock(out.timeS) : '-'}
	means={out ? `${out.roughPasses} rough + ${out.finishPasses} fine` : ''}
	hidden={oil ? [] : ['fireWatch']}
	later={[
		...(lastRunout(facts) === null ? [] : ['runoutTirUm']),
		'finishStockUm',
		'roughBiteUm',
		'finishBiteUm',
		'rimResistanceOhm',
		'smallestConcaveRadiusMm',
		'protrusionPass',
		'concentrationPercent',
		'dielectric'
	]}
	labels={{
		flooded: 'Flooded: flow and aim seen, wheel standing',
		mistDrawnOff: 'Mist drawn off, covers shut'
	}}
	notes={{
		gapUm: `${quantity(10, 'um', facts.units)} to ${quantity(50, 'um', facts.units)} is usual`,
		wireFeedMPerMin: out ? `${quantity(out.wireUsedM, 'm', facts.units)} used` : '',
		finishCurrentA: out ? quantity(out.finishRateMm3PerMin, 'mm3/min', facts.units) : ''
	}}
	{ondone}
>
	{#snippet drawing(o)}<WireDrawing
			wireMm={d?.wireMm ?? 0.25}
			gapUm={v.gapUm ?? 20}
			grainUm={facts.wheel?.gritMeanUm ?? 60}
			concentration={v.concentrationPercent ?? facts.wheel?.concentrationPercent ?? 100}
			pathMm={o?.pathOffsetMm ?? null}
			flooded={v.flooded === true}
			units={facts.units}
		/>{/snippet}
	{#snippet strip(o)}<BandStrip
			value={o.wireMargin}
			bands={BANDS}
			label="The wire carries, times"
		/>{/snippet}
	{#snippet beneath(o)}
		<h3>Where the time goes</h3>
		<ShareBar
			label="Where the time goes"
			parts={[
				{ name: 'rough', value: o.roughTimeS, says: clock(o.roughTimeS) },
				{ name: 'fine', value: o.finishTimeS, says: clock(o.finishTimeS) },
				...(o.protrusionTimeS
					? [{ name: 'bare grain', value: o.protrusionTimeS, says: clock(o.protrusionTimeS) }]
					: [])
			]}
		/>
		<UsedBar
			name="wire"
			used={o.wireUsedM}
			of={d?.spoolM ?? 0}
			says="{o.wireUsedM.toFixed(0)} of {(d?.spoolM ?? 0).toFixed(0)} m"
		/>
		{#if facts.wheel?.rimDepthMm}<UsedBar
				name="layer"
				used={(facts.wheel.diameterMm - o.wheelDiameterAfterMm) / 2}
				of={facts.wheel.rimDepthMm}
				says="{quantity(
					(facts.wheel.diameterMm - o.wheelDiameterAfterMm) / 2,
					'mm',
					facts.units
				)} of {quantity(facts.wheel.rimDepthMm, 'mm', facts.units)}"
			/>{/if}
		<Generator
			seed={facts.id}
			gapUm={v.gapUm ?? 20}
			currentA={v.roughCurrentA ?? 5}
			margin={o.wireMargin}
			flooded={v.flooded === true}
			units={facts.units}
		/>
	{/snippet}
	{#snippet follows(o)}<p class="quiet">
			The middle of the wire runs {quantity(o.pathOffsetMm, 'mm', facts.units)} beside the form: it makes no hollow
			tighter than that. Used wire and sludge go where the local rules for metal waste say.
		</p>{/snippet}
</SettingSheet>
