<script lang="ts">
	import { untrack } from 'svelte';
	import { limitOf } from '$core/calculation/limits';
	import { redressInterval } from '$core/keep/redress-interval';
	import { quantity } from '$core/quantity/format';
	import { intervalWords } from '$core/route/stations/keep/gate';
	import { intervalStep } from '$core/route/stations/keep/interval';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import { ownWear } from '$core/shop/begin-with-ours';
	import OursNote from '$lib/desk/OursNote.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import WearLine from '$lib/drawing/form/WearLine.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** When the form is redressed: how its corners wear, how far that may go, and what a redress must take off at least. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const corners = untrack(() => limitOf(desk.facts.guidelines.limits, redressInterval, 'cornerFactor'));
	const entry = stepEntry(desk, intervalStep, { start: ownWear(desk.ours, corners) });
	const v = $derived(entry.result.values);
	const p = $derived(preview(intervalStep, facts, entry));
	const out = $derived(p.main);
	const ASKED: Record<string, readonly string[]> = {
		measured: ['lossUmPerMm'],
		points: ['measurements'],
		'g-ratio': ['gRatio', 'workLengthMm', 'cornerFactor']
	};
	const hidden = $derived(
		Object.entries(ASKED)
			.filter(([source]) => source !== v.source)
			.flatMap(([, names]) => names)
	);
	const tolerance = $derived(Number(p.computed[0]?.input.formToleranceUm ?? 0));
	const um = (x: number) => quantity(x, 'um', facts.units);
	const mm = (x: number | null) => quantity(x, 'mm', facts.units);
</script>

<SettingSheet
	{desk}
	step={intervalStep}
	{entry}
	{p}
	what="Redress the form"
	figure={out ? intervalWords(out) : '-'}
	means={out ? `${mm(out.infeedPerRedressMm)} of infeed each` : ''}
	action="Keep this interval"
	words={{ measured: 'known', points: 'measured on the form', 'g-ratio': 'from the G ratio' }}
	{hidden}
	later={['useOfTolerance', 'cleanUpUm', 'cornerFactor']}
	{ondone}
>
	{#snippet drawing(o)}{#if o}<WearLine
				perMm={o.lossUmPerMm}
				points={v.source === 'points' ? (v.measurements ?? []) : []}
				atMm={o.infeedPerRedressMm}
				mayLoseUm={tolerance * (v.useOfTolerance ?? 0.8)}
				toleranceUm={tolerance}
				units={facts.units}
			/>{:else}<p class="quiet">
				Look at the worst corner after some parts: how much was ground by then, and what the form had lost.
			</p>{/if}{/snippet}
	{#snippet quick()}{#if desk.ours}<OursNote
				what="the form loses"
				ours={desk.ours.lossUmPerMm}
				show={(v) => quantity(v, 'um/mm', facts.units)}
			/><OursNote
				what="off the radius, by diameters"
				ours={desk.ours.wornUmPerMm}
				show={(v) => quantity(v, 'um/mm', facts.units)}
			/>{/if}{/snippet}
	{#snippet follows(o)}<div class="row">
			<p>Worn by then <b class="num">{um(o.lossAtRedressUm)}</b></p>
			<p>A redress takes at least <b class="num">{um(o.minRedressUm)}</b></p>
			<p>Wheel used for a part <b class="num">{um(o.radiusUsedPerPartUm)}</b></p>
			{#if o.partsPerWheel !== null}<p>Parts left in the wheel <b class="num">{o.partsPerWheel}</b></p>{/if}
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
