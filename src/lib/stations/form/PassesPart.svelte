<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import { duration, quantity } from '$core/quantity/format';
	import { formOf } from '$core/route/stations/form/made';
	import { formPassesStep } from '$core/route/stations/form/passes';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { LongPreview } from '$lib/desk/long-preview.svelte';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import PassBoard from '$lib/drawing/form/PassBoard.svelte';
	import { LONG } from '$lib/drawing/form/form-drawn';
	import BitesTable from './BitesTable.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The passes that bring the form into the wheel, nested: how many, how long, and what each flank really gets of them. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts))!);
	const entry = stepEntry(desk, formPassesStep, {
		start: { roughDepthUm: 25, finishDepthUm: 10, feedMmPerMin: 100 }
	});
	const long = new LongPreview(desk, formPassesStep, entry, () => form.chain.length > LONG);
	const p = $derived(long.now);
	const out = $derived(p.main);
	const um = (v: number) => quantity(v, 'um', facts.units);
	const mm = (v: number | null) => quantity(v, 'mm', facts.units);
</script>

<SettingSheet
	{desk}
	step={formPassesStep}
	{entry}
	{p}
	what={long.computing ? 'Being computed …' : 'Passes in all'}
	figure={out ? String(out.passCount) : '-'}
	means={out ? duration(out.timeS) : ''}
	action="Plan like this"
	later={['returnS', 'blankXMm']}
	{ondone}
>
	{#snippet board(o)}{#if o}<PassBoard
				chain={form.chain}
				blankMm={entry.result.values.blankXMm ?? 0}
				out={o}
				units={facts.units}
			/>{/if}{/snippet}
	{#snippet beneath(o)}<BitesTable bites={o.segmentBites} units={facts.units} />{/snippet}
	{#snippet follows(o)}<div class="row">
			<p>Rough <b class="num">{o.roughCount} × {um(o.roughEachUm)}</b></p>
			<p>Finish <b class="num">{o.finishCount} × {um(o.finishEachUm)}</b></p>
			<p>Idle <b class="num">{o.sparkOutCount}</b></p>
			<p>Wheel taken off <b class="num">{quantity(o.removedVolumeMm3, 'mm3', facts.units)}</b></p>
			{#if o.smallestDiameterMm !== null}<p>
					Diameters <b class="num">{mm(o.largestDiameterMm)} to {mm(o.smallestDiameterMm)}</b>
				</p>{/if}
			{#if o.stockLeftMm !== null}<p>Abrasive beneath <b class="num">{mm(o.stockLeftMm)}</b></p>{/if}
		</div>{/snippet}
</SettingSheet>

<style>
	.row {
		display: flex;
		gap: var(--s-4) var(--s-16);
		flex-wrap: wrap;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.row b {
		color: var(--ink);
	}
</style>
