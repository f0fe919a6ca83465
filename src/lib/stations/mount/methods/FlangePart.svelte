<script lang="ts">
	import { flangeCheck } from '$core/mount/flange-check';
	import { spindleRunout } from '$core/mount/spindle-runout';
	import { outputOf } from '$core/route/result';
	import { quantity } from '$core/quantity/format';
	import { flangeStep } from '$core/route/stations/mount/methods/flange';
	import FlangeSection from '$lib/drawing/FlangeSection.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import ReadInstrument from '$lib/desk/ReadInstrument.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	let { desk, ondone }: Props = $props();
	const m = desk.facts.mount;
	const entry = stepEntry(desk, flangeStep, {
		start: m
			? {
					backFlangeDiameterMm: m.flangeMm,
					frontFlangeDiameterMm: m.flangeMm,
					backRecessDiameterMm: m.recessMm,
					frontRecessDiameterMm: m.recessMm,
					blotterOuterMm: m.flangeMm + 5,
					blotterInnerMm: m.seatMm + 0.5,
					blotterThicknessMm: 0.5
				}
			: {}
	});
	const p = $derived(preview(flangeStep, desk.facts, entry));
	const v = $derived(entry.result.values);
	const out = $derived(outputOf(p.result, flangeCheck));
	const taper = $derived(outputOf(p.result, spindleRunout));
	const q = (x: number | null | undefined, u: 'mm' | 'MPa') => quantity(x ?? null, u, desk.facts.units);
</script>

<div class="cols">
	<div class="form">
		<QuantityField {entry} name="backFlangeDiameterMm" /><QuantityField
			{entry}
			name="frontFlangeDiameterMm"
		/><QuantityField {entry} name="backRecessDiameterMm" /><QuantityField
			{entry}
			name="frontRecessDiameterMm"
		/>
		<div>
			<QuantityField {entry} name="runoutUm" label="Flange run-out" /><ReadInstrument
				kind="dial"
				system={desk.facts.units}
				turn
				ontake={(x) => entry.fillOne('runoutUm', x)}
			/>
		</div>
		<div>
			<QuantityField {entry} name="taperRunoutUm" /><ReadInstrument
				kind="dial"
				system={desk.facts.units}
				turn
				ontake={(x) => entry.fillOne('taperRunoutUm', x)}
			/>
		</div>
		<div class="three">
			<QuantityField {entry} name="blotterThicknessMm" /><QuantityField
				{entry}
				name="blotterOuterMm"
			/><QuantityField {entry} name="blotterInnerMm" />
		</div>
	</div>
	<div class="side">
		<FlangeSection
			wheel={desk.facts.wheel!}
			flangeMm={v.backFlangeDiameterMm ?? m?.flangeMm ?? 0}
			frontFlangeMm={v.frontFlangeDiameterMm ?? m?.flangeMm ?? 0}
			recessMm={v.backRecessDiameterMm ?? m?.recessMm ?? 0}
			blotterMm={v.blotterOuterMm ?? 0}
			minMm={out?.minFlangeDiameterMm ?? desk.facts.wheel!.diameterMm / 3}
			units={desk.facts.units}
		/>
		<p class="quiet">
			{out
				? `At least ${q(out.minFlangeDiameterMm, 'mm')} for this wheel. Contact ring ${q(out.backContactWidthMm, 'mm')}${out.contactPressureMPa === null ? '' : `, ${q(out.contactPressureMPa, 'MPa')}`}.`
				: 'Measure both flanges; they must be equal.'}
		</p>
	</div>
</div>
<div class="asks">
	<ChoiceField {entry} name="backBlotter" list /><ChoiceField {entry} name="frontBlotter" list /><YesNo
		{entry}
		name="clean"
		label="Wiped clean"
	/><YesNo {entry} name="burred" label="Burr or dent found" />
</div>
{#if out}<Reasons reasons={[...(taper?.reasons ?? []), ...out.reasons]} />{/if}
<ActionBar
	label="Flanges are right"
	onact={async () => {
		if (await desk.record('mount', 'flange', entry)) ondone();
	}}
	busy={desk.busy}
	stop={out?.verdict === 'stop' || taper?.verdict === 'stop'}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: 1fr 250px;
		gap: var(--s-20);
	}
	.form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
		align-content: start;
	}
	.three {
		grid-column: 1 / -1;
		display: grid;
		grid-template-columns: 1fr 1fr 1fr;
		gap: 0 var(--s-12);
	}
	.side {
		display: grid;
		align-content: start;
		gap: var(--s-4);
	}
	.asks {
		display: grid;
		grid-template-columns: 1fr 1fr auto auto;
		gap: var(--s-14);
		margin: var(--s-2) 0 var(--s-8);
		align-items: start;
	}
	@media (max-width: 1000px) {
		.cols,
		.asks {
			grid-template-columns: 1fr;
		}
	}
</style>
