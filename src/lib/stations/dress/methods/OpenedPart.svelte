<script lang="ts">
	import { openedStep } from '$core/route/stations/dress/opened';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import OverlapStrip from '$lib/drawing/OverlapStrip.svelte';
	import RidgeDrawing from '$lib/drawing/RidgeDrawing.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Truing polishes: one opening dress follows it, at an ordinary bite and a quick lead. */
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, openedStep, { start: { depthUm: 20, leadUm: 120 } });
	const p = $derived(preview(openedStep, desk.facts, entry));
	const out = $derived(p.main);
</script>

<SettingSheet
	{desk}
	step={openedStep}
	{entry}
	{p}
	what="Overlap of the opening dress"
	figure={out ? out.overlapRatio.toFixed(1) : '-'}
	means={out?.dressClass.replace('-', ' and ') ?? ''}
	action="Opened"
	{ondone}
>
	{#snippet drawing(o)}{#if o}<RidgeDrawing
				leadUm={entry.result.values.leadUm ?? 100}
				activeUm={o.activeWidthUm}
				depthUm={entry.result.values.depthUm ?? 20}
				tipUm={300}
				ridgeUm={o.scallopHeightUm}
			/>{/if}{/snippet}
	{#snippet strip(o)}<OverlapStrip value={o.overlapRatio} />{/snippet}
</SettingSheet>
