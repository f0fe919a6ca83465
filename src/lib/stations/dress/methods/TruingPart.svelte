<script lang="ts">
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { truingStep } from '$core/route/stations/dress/methods/truing';
	import { lastRunout } from '$core/route/stations/true/known-runout';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import StrokeBars from '$lib/drawing/dress/StrokeBars.svelte';
	import TruingDrawing from '$lib/drawing/dress/TruingDrawing.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Worn round against a truing wheel or soft steel: what the ring takes, what it eats meanwhile, and the strokes it is shared into. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const way = $derived(chosenMethod(facts, Evidence.of(facts)));
	const d = $derived(way?.dresser ?? null);
	/** A radius is made with the truing head on a pivoted head. */
	const swung = $derived(way?.form === 'radius');
	const block = $derived(d?.kind === 'steel-block');
	const entry = stepEntry(desk, truingStep, {
		start: {
			runoutTirUm: lastRunout(desk.facts),
			traverseMmPerMin: 600,
			layerDepthMm: desk.facts.wheel?.rimDepthMm
		}
	});
	const p = $derived(preview(truingStep, facts, entry));
	const out = $derived(p.main);
	const v = $derived(entry.result.values);
	const um = (x: number | null | undefined) => quantity(x ?? null, 'um', facts.units);
</script>

<SettingSheet
	{desk}
	step={truingStep}
	{entry}
	{p}
	what="To feed in all"
	figure={out
		? out.totalInfeedUm < 1000
			? um(out.totalInfeedUm)
			: quantity(out.totalInfeedUm / 1000, 'mm', facts.units)
		: '-'}
	means={out ? `${um(out.radialStockUm)} of it into the wheel` : ''}
	action="True it like this"
	hidden={swung ? [] : ['swingRadiusMm', 'swingDeg']}
	later={['allowanceUm', 'truingRatio', 'fineShare', 'sparkOutStrokes', 'layerDepthMm']}
	notes={{
		roughInfeedUm: out ? `${out.roughStrokes} strokes at ${um(out.roughBiteUm)}` : '',
		fineInfeedUm: out ? `${out.fineStrokes} strokes at ${um(out.fineBiteUm)}` : '',
		traverseMmPerMin: out ? `in all ${duration(out.timeS)}` : ''
	}}
	{ondone}
>
	{#snippet drawing(o)}<TruingDrawing
			family={facts.wheel?.family ?? null}
			wheelMm={facts.wheel!.diameterMm}
			stockUm={o?.radialStockUm ?? v.runoutTirUm ?? 20}
			runoutUm={v.runoutTirUm ?? 20}
			layerMm={v.layerDepthMm ?? facts.wheel?.rimDepthMm ?? 3}
			layerLeftMm={o?.layerLeftMm ?? null}
			truerMm={block ? null : (d?.bodyDiameterMm ?? null)}
			truerAfterMm={o?.truingWheelDiameterAfterMm ?? null}
			rimMm={facts.wheel?.rimWidthMm ?? null}
			{block}
			units={facts.units}
		/>{/snippet}
	{#snippet strip(o)}<StrokeBars
			rough={o.roughStrokes}
			fine={o.fineStrokes}
			spark={o.sparkOutStrokes}
			done={0}
		/>{/snippet}
	{#snippet follows(o)}<p>
			{swung ? 'Feed at both ends of the swing alike,' : 'Feed at both ends alike,'} so that each side gets the
			same. {block
				? `The block loses ${quantity(o.blockHeightUsedMm, 'mm', facts.units)} of height.`
				: `The truing wheel loses ${um(o.truingWheelRadialWearUm)} on its radius.`} Afterwards the stick.
		</p>
		{#if swung && o.truingWheelRadialWearUm !== null && v.swingRadiusMm}<p>
				Move the head along its arm by as much: left where it is, the radius ends at <b class="num"
					>{quantity(v.swingRadiusMm + o.truingWheelRadialWearUm / 1000, 'mm', facts.units)}</b
				>.
			</p>{/if}{/snippet}
</SettingSheet>
