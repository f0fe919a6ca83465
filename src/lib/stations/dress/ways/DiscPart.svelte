<script lang="ts">
	import { dressPlan } from '$core/dress/plan';
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenWay } from '$core/route/stations/dress/method';
	import { discStep } from '$core/route/stations/dress/ways/disc';
	import { turns } from '$core/route/stations/dress/turns';
	import { outputOf } from '$core/route/step';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import RollDrawing from '$lib/drawing/dress/RollDrawing.svelte';
	import Foresee from '../Foresee.svelte';
	import WaySheet from '../WaySheet.svelte';
	import RepeatCheck from './RepeatCheck.svelte';
	import { RATIO_BANDS, ratioMeans, signed } from './ratio-bands';

	interface Props {
		desk: Desk;
		ondone: () => void;
	}
	/** A narrow driven disc across the wheel: speeds as of a roll, tracks as of a tip. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const disc = $derived(chosenWay(f, Evidence.of(f))?.dresser ?? null);
	const entry = stepEntry(desk, discStep, {
		start: { contactDirection: 'with', depthUm: 10, leadUm: 60, passes: 2, dryPasses: 0 }
	});
	const p = $derived(preview(discStep, f, entry));
	const out = $derived(p.main);
	const plan = $derived(outputOf(p.result, dressPlan));
	const q = (v: number | null | undefined, u: 'um' | 'mm/min' | 'rpm') => quantity(v ?? null, u, f.units);
</script>

<WaySheet
	{desk}
	step={discStep}
	{entry}
	{p}
	what="Disc surface against wheel surface"
	figure={out ? signed(out.speedRatio) : '-'}
	means={out ? ratioMeans(out.speedRatio) : ''}
	words={{ with: 'together', against: 'against each other' }}
	labels={{ discSpeedRpm: 'Disc speed' }}
	notes={{
		discSpeedRpm: disc?.mostRpm ? `at most ${q(disc.mostRpm, 'rpm')}` : '',
		leadUm: out ? `${q(out.traverseMmPerMin, 'mm/min')}, overlap ${out.overlapRatio.toFixed(1)}` : '',
		passes: plan ? `${q(plan.totalDepthUm, 'um')} off, ${duration(plan.timeS)}` : ''
	}}
	{ondone}
>
	{#snippet drawing(o)}<RollDrawing
			family={f.wheel?.family ?? null}
			wheelMm={f.wheel!.diameterMm}
			rollMm={disc?.bodyDiameterMm ?? 100}
			wheelMps={o?.surfaceSpeedMps ?? null}
			rollMps={o?.discSpeedMps ?? null}
			ratio={o?.speedRatio ?? null}
			clockwise={turns(f) === 'clockwise'}
			what="disc"
			units={f.units}
		/>{/snippet}
	{#snippet strip(o)}<BandStrip
			value={o.speedRatio}
			bands={RATIO_BANDS}
			label="Speed ratio"
			at={0}
		/>{/snippet}
	{#snippet beneath(o)}<RepeatCheck
			{desk}
			{entry}
			field="discSpeedRpm"
			ratio={o.rpmRatio}
			near={o.nearFraction}
			clear={o.clearRpmRatio}
		/>{/snippet}
	{#snippet follows(o)}<Foresee
			{desk}
			leadUm={o.leadUm}
			depthUm={entry.result.values.depthUm ?? 0}
			sharpness={o.relativeRoughness ** 2}
			dressClass={o.dressClass}
			dressesLeft={plan?.dressesLeft ?? null}
		/>{/snippet}
</WaySheet>
