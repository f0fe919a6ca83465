<script lang="ts">
	import { untrack } from 'svelte';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { fitFeltStep, fitOf, fitStep } from '$core/route/stations/mount/fit';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import BoreDrawing from '$lib/drawing/BoreDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LiftNote from '$lib/desk/LiftNote.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, fitStep);
	const feltEntry = stepEntry(desk, fitFeltStep, { anew: true });
	const feltNow = $derived(preview(fitFeltStep, desk.facts, feltEntry));
	/** Felt by hand, where bore and seat are of one size; otherwise measured. */
	let felt = $state(untrack(() => fitOf(Evidence.of(desk.facts))?.step === fitFeltStep.step));
	const p = $derived(preview(fitStep, desk.facts, entry));
	const out = $derived(p.main);
	const judged = $derived(felt ? feltNow.main : out);
	const size = (mm: number | undefined) => quantity(mm ?? null, 'mm', desk.facts.units);
	const q = (v: number | null, u: 'um' | 'gmm') => quantity(v ?? null, u, desk.facts.units);
</script>

<PickOne
	legend="Known by"
	options={[
		{ id: 'caliper', text: 'With a caliper' },
		{ id: 'hand', text: 'By hand, one size' }
	]}
	picked={felt ? 'hand' : 'caliper'}
	onpick={(id) => (felt = id === 'hand')}
/>
<div class="cols">
	<div class="form">
		{#if felt}
			<YesNo entry={feltEntry} name="slidesOn" label="Slides on without force" />
			<YesNo entry={feltEntry} name="rocks" label="Rocks on its seat" />
			<YesNo entry={feltEntry} name="bushing" />
		{:else}
			<QuantityField
				{entry}
				name="boreMm"
				label="Bore, measured"
				note="wheel {desk.facts.wheel?.number}: {quantity(desk.facts.wheel?.boreMm, 'mm', desk.facts.units)}"
				autofocus
			/>
			<QuantityField
				{entry}
				name="arborMm"
				label="Seat, measured"
				note="mount {desk.facts.mount?.code}: {quantity(desk.facts.mount?.seatMm, 'mm', desk.facts.units)}"
			/>
			<YesNo {entry} name="forced" label="Did it have to be forced?" />
		{/if}
	</div>
	<div>
		{#if felt}<Decisive
				what="Bore on seat, as marked"
				figure="{size(desk.facts.wheel?.boreMm)} on {size(desk.facts.mount?.seatMm)}"
				means={feltNow.main && !feltNow.main.sameSize ? 'two sizes: measure both' : ''}
				meansTone="stop"
			/>{:else}
			<BoreDrawing clearanceUm={out?.clearanceUm ?? null} seatMm={desk.facts.mount?.seatMm ?? 1} />
			<p class="lab">Play in the bore</p>
			<p class="num big">{out ? q(out.clearanceUm, 'um') : '-'}</p>
			{#if out}<p class="quiet">
					Warm {q(out.hotClearanceUm, 'um')}. May run out up to {q(out.maxRunoutTirUm, 'um')} and unbalance it by
					{q(out.unbalanceGmm, 'gmm')}; truing takes that out.
				</p>{/if}
		{/if}
	</div>
</div>
<LiftNote facts={desk.facts} />
{#if judged}<Reasons reasons={judged.reasons} />{/if}
<ActionBar
	label="Slides on by hand"
	onact={async () => {
		if (await desk.record('mount', felt ? 'fit-felt' : 'fit', felt ? feltEntry : entry)) ondone();
	}}
	busy={desk.busy}
	stop={judged?.verdict === 'stop'}
>
	{#snippet aside()}<ShowWorking
			computed={felt ? feltNow.computed : p.computed}
			system={desk.facts.units}
		/>{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: 280px 1fr;
		gap: var(--s-32);
		margin-bottom: var(--s-12);
	}
	.form {
		display: grid;
		gap: var(--s-12);
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
		margin-top: var(--s-8);
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
