<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { continuousStep } from '$core/route/stations/dress/methods/roll';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ContinuousDrawing from '$lib/drawing/dress/ContinuousDrawing.svelte';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The roll stays on while it creep feeds: how fast the wheel shrinks, how the head follows, how many parts it makes. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const roll = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, continuousStep, { start: { feedUmPerRev: 0.5 } });
	const p = $derived(preview(continuousStep, facts, entry));
	const out = $derived(p.main);
	const q = (x: number | null | undefined, u: 'um' | 'mm/min' | 'm/s' | 'mm') =>
		quantity(x ?? null, u, facts.units);
</script>

<SettingSheet
	{desk}
	step={continuousStep}
	{entry}
	{p}
	what="Parts left in the wheel"
	figure={out ? String(out.partsPerWheel) : '-'}
	means={out ? `${q(out.radialLossPerPartUm, 'um')} off the radius a part` : ''}
	words={{ 'on-head': 'on the wheel head', 'on-frame': 'on the frame' }}
	notes={{
		feedUmPerRev: out ? `${q(out.radialLossMmPerMin, 'mm/min')} off the radius` : '',
		workFeedMmPerMin: out ? `a cut in ${out.cutTimeS.toFixed(0)} s` : ''
	}}
	{ondone}
>
	{#snippet drawing()}
		<ContinuousDrawing
			family={facts.wheel?.family ?? null}
			wheelMm={facts.wheel!.diameterMm}
			rollMm={roll?.bodyDiameterMm ?? 100}
			leastMm={facts.wheel!.minDiameterMm}
			headFeedMmPerMin={out?.headFeedMmPerMin ?? null}
			rollFeedMmPerMin={out?.rollFeedMmPerMin ?? null}
			units={facts.units}
		/>
	{/snippet}
	{#snippet strip()}<LifeBar
			newMm={facts.wheel!.newDiameterMm}
			nowMm={facts.wheel!.diameterMm}
			minMm={facts.wheel!.minDiameterMm}
			units={facts.units}
		/>{/snippet}
	{#snippet beneath(o)}<p>
			After a part {q(o.diameterAfterPartMm, 'mm')}; at the scrap diameter it still runs {q(
				o.surfaceSpeedAtMinimumMps,
				'm/s'
			)} of {q(o.surfaceSpeedMps, 'm/s')}.
		</p>{/snippet}
</SettingSheet>
