<script lang="ts">
	import { untrack } from 'svelte';
	import { tolerance } from '$core/balance/tolerance';
	import { twoPlanes } from '$core/balance/two-planes';
	import { quantity } from '$core/quantity/format';
	import { Evidence, partOf } from '$core/route/evidence';
	import { lastRuns, planesMadeStep, planesStep } from '$core/route/stations/balance/two-planes';
	import { notTurning } from '$core/route/stations/balance/where';
	import { outputOf } from '$core/route/result';
	import TwoPlanesFaces from '$lib/drawing/TwoPlanesFaces.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import NotHere from './NotHere.svelte';
	import PlanesTable from './PlanesTable.svelte';

	interface Props {
		desk: SetupSession;
		onover: (part: 'back') => void;
		ondone: () => void;
	}
	/** A pack or a wide wheel shakes in two planes: both are read, both corrected, and read again. */
	let { desk, onover, ondone }: Props = $props();
	const { told } = useUnits();
	const facts = $derived(desk.facts);
	const ROWS = [
		{ ampMmPerS: '', phaseDeg: '' },
		{ ampMmPerS: '', phaseDeg: '' }
	];
	const known = $derived(lastRuns(facts) !== null);
	const start = untrack(() =>
		known ? { initial: ROWS } : { initial: ROWS, afterTrial1: ROWS, afterTrial2: ROWS }
	);
	const entry = stepEntry(desk, planesStep, { anew: true, start });
	const p = $derived(preview(planesStep, facts, entry));
	const live = $derived(outputOf(p.result, twoPlanes));
	const booked = $derived(partOf(Evidence.of(facts).step(planesStep), twoPlanes));
	const made = $derived(Evidence.of(facts).step(planesMadeStep));
	/** Booked, and its corrections not made yet. */
	const waits = $derived(booked !== null && (!made || made.id < booked.id));
	/** As it was found against the grade. */
	const inside = $derived(
		waits && partOf(Evidence.of(facts).step(planesStep), tolerance)?.output.verdict === 'ok'
	);
	const shown = $derived(live ?? (waits ? booked!.output : null));
	const q = (v: number) => quantity(v, 'gmm', facts.units);
	const typed = $derived(live !== null || (p.fault !== null && p.fault.code !== 'missing'));
	const barred = $derived(notTurning(facts));
	const TRIALS = ['trial1Gmm', 'trial1AngleDeg', 'trial2Gmm', 'trial2AngleDeg'];
	const readings = $derived(entry.result.values.initial ?? (waits ? lastRuns(facts)!.initial : [null, null]));
	async function book() {
		if (waits && !typed) {
			if (inside) return void ondone();
			return void (await desk.record('balance', 'planes-made', null, { made: booked!.output.corrections }));
		}
		if (!(await desk.record('balance', 'planes', entry))) return;
		entry.fill({ initial: ROWS });
		await entry.recorded();
	}
</script>

<p class="quiet">
	Two meters, or one carried from bearing to bearing, with phase. Guard shut for every run, also with a trial;
	the first trial comes off before the second; angles seen from the front in both planes.
</p>
{#if barred}<NotHere says={barred} label="Back on the spindle" onway={() => onover('back')} />
{:else}
	<TwoSides narrow="neither"
		>{#snippet one()}
			<TwoPlanesFaces {readings} corrections={shown?.corrections ?? null} show={q} />
			{#if shown}<p class="quiet">Add these. Each plane may have half of what the grade allows.</p>{/if}
		{/snippet}{#snippet other()}
			{#if waits && !typed}<h2>{inside ? 'Inside the grade' : 'Put this into both planes'}</h2>
				{#each booked!.output.corrections as c, i (i)}<p>
						Plane {i + 1}, {i ? 'front' : 'back'}: <b class="num">{q(c.gmm)}</b> at
						<b class="num">{Math.round(c.angleDeg)}°</b>
					</p>{/each}
			{/if}
			<PlanesTable {entry} {known} />
			{#if !known}<div class="form">
					{#each TRIALS as name (name)}<QuantityField {entry} {name} asked />{/each}
				</div>{:else}<p class="quiet">
					What a trial does is known from the first runs: the readings alone are enough.
				</p>{/if}
			<FieldInput {entry} field={planesStep.fields.find((x) => x.name === 'phaseSense')!} />
		{/snippet}</TwoSides
	>
	{#if live}<Reasons reasons={live.reasons} />{:else if p.fault && p.fault.code !== 'missing'}<p
			class="fault"
		>
			{told(p.fault.message)}
		</p>{/if}
	<ActionBar
		forward={inside && !typed}
		label={waits && !typed ? (inside ? 'Balanced, go on' : 'Put there, run again') : 'Book these runs'}
		onact={book}
		busy={desk.busy}
		disabled={!waits && !live}
		stop={live?.verdict === 'stop'}
	>
		{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
	</ActionBar>
{/if}

<style>
	.form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
		gap: var(--s-8) var(--s-12);
	}
	.num {
		font-size: var(--type-figure);
	}
	@media (max-width: 1000px) {
	}
</style>
