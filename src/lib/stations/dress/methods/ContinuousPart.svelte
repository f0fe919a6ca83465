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
	import WaySheet from '$lib/desk/WaySheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The roll stays on while it creep feeds: how fast the wheel shrinks, how the head follows, how many parts it makes. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const roll = $derived(chosenMethod(f, Evidence.of(f))?.dresser ?? null);
	const entry = stepEntry(desk, continuousStep, { start: { feedUmPerRev: 0.5 } });
	const p = $derived(preview(continuousStep, f, entry));
	const out = $derived(p.main);
	const q = (x: number | null | undefined, u: 'um' | 'mm/min' | 'm/s' | 'mm') =>
		quantity(x ?? null, u, f.units);
</script>

<WaySheet
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
			family={f.wheel?.family ?? null}
			wheelMm={f.wheel!.diameterMm}
			rollMm={roll?.bodyDiameterMm ?? 100}
			leastMm={f.wheel!.minDiameterMm}
			headFeedMmPerMin={out?.headFeedMmPerMin ?? null}
			rollFeedMmPerMin={out?.rollFeedMmPerMin ?? null}
			units={f.units}
		/>
	{/snippet}
	{#snippet strip()}<LifeBar
			newMm={f.wheel!.newDiameterMm}
			nowMm={f.wheel!.diameterMm}
			minMm={f.wheel!.minDiameterMm}
			units={f.units}
		/>{/snippet}
	{#snippet beneath(o)}<p>
			After a part {q(o.diameterAfterPartMm, 'mm')}; at the scrap diameter it still runs {q(
				o.surfaceSpeedAtMinimumMps,
				'm/s'
			)} of {q(o.surfaceSpeedMps, 'm/s')}.
		</p>{/snippet}
</WaySheet>
