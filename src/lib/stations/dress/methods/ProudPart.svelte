<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { proudStep } from '$core/route/stations/dress/methods/wire';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import { BAD, GOOD, WATCH } from '$lib/drawing/dress/bands';
	import GrainDrawing from '$lib/drawing/dress/GrainDrawing.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** How far the grains stand proud, looked at under the glass. */
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, proudStep, { anew: true });
	const p = $derived(preview(proudStep, desk.facts, entry));
	const bare = $derived(entry.result.values.barePercent ?? null);
	const BANDS = [
		{ from: 0, to: 15, name: 'rubs', fill: WATCH },
		{ from: 15, to: 30, name: 'cuts', fill: GOOD },
		{ from: 30, to: 50, name: 'holds badly', fill: WATCH },
		{ from: 50, to: 70, name: 'falls out', fill: BAD }
	];
</script>

<SettingSheet
	{desk}
	step={proudStep}
	{entry}
	{p}
	what="Grains stand proud by"
	figure={quantity(p.main?.protrusionUm ?? null, 'um', desk.facts.units)}
	means={bare === null ? '' : `${bare} % of the grain`}
	action="Looked at"
	{ondone}
>
	{#snippet drawing()}<GrainDrawing
			barePercent={bare ?? 20}
			grainUm={desk.facts.wheel?.gritMeanUm ?? 60}
			units={desk.facts.units}
		/>{/snippet}
	{#snippet strip()}<BandStrip
			value={bare}
			bands={BANDS}
			label="Share of the grain that is bare, percent"
		/>{/snippet}
</SettingSheet>
