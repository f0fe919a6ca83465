<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { fitStep } from '$core/route/stations/mount/methods/flange';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
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
	const p = $derived(preview(fitStep, desk.facts, entry));
	const out = $derived(p.main);
	const q = (v: number | null, u: 'um' | 'gmm') => quantity(v ?? null, u, desk.facts.units);
</script>

<div class="cols">
	<div class="form">
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
	</div>
	<div>
		<BoreDrawing clearanceUm={out?.clearanceUm ?? null} seatMm={desk.facts.mount?.seatMm ?? 1} />
		<p class="lab">Play in the bore</p>
		<p class="num big">{out ? q(out.clearanceUm, 'um') : '-'}</p>
		{#if out}<p class="quiet">
				Warm {q(out.hotClearanceUm, 'um')}. May run out up to {q(out.maxRunoutTirUm, 'um')} and unbalance it by
				{q(out.unbalanceGmm, 'gmm')}; truing takes that out.
			</p>{/if}
	</div>
</div>
<LiftNote facts={desk.facts} />
{#if out}<Reasons reasons={out.reasons} />{/if}
<ActionBar
	label="Slides on by hand"
	onact={async () => {
		if (await desk.record('mount', 'fit', entry)) ondone();
	}}
	busy={desk.busy}
	stop={out?.verdict === 'stop'}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
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
