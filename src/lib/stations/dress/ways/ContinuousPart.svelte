<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { continuousStep } from '$core/route/stations/dress/ways/roll';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import WaySheet from '../WaySheet.svelte';

	interface Props {
		desk: Desk;
		ondone: () => void;
	}
	/** The roll stays on while it creep feeds: how fast the wheel shrinks, how the head follows, how many parts it makes. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
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
		<svg
			viewBox="0 0 340 250"
			width="100%"
			role="img"
			aria-label="Roll above, wheel between, work beneath: the head follows the shrinking wheel"
		>
			<circle cx="150" cy="150" r="76" fill="var(--wheel-fill)" stroke="var(--wheel-edge)" /><circle
				cx="150"
				cy="150"
				r="18"
				fill="var(--flange)"
				stroke="var(--edge)"
			/>
			<circle
				cx="150"
				cy="45"
				r="29"
				fill="var(--steel)"
				stroke="var(--ink)"
				stroke-width="3"
				stroke-dasharray="3 2"
			/>
			<rect x="20" y="226" width="260" height="18" fill="var(--track)" stroke="var(--edge)" />
			<path d="M290 120v66" stroke="var(--act)" stroke-width="4" /><path
				d="M290 200l-8 -15h16z"
				fill="var(--act)"
			/>
			<path d="M222 22v22" stroke="var(--act)" stroke-width="4" /><path
				d="M222 56l-8 -13h16z"
				fill="var(--act)"
			/>
			<text x="286" y="110" text-anchor="end">head closes in {q(out?.headFeedMmPerMin, 'mm/min')}</text>
			<text x="234" y="40">roll {q(out?.rollFeedMmPerMin, 'mm/min')}</text>
		</svg>
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

<style>
	text {
		font: 600 13px var(--mono);
		fill: var(--ink);
	}
</style>
