<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { onMount } from 'svelte';
	import { tryOrNull } from '$core/calculation/attempt';
	import { fanOf } from '$core/form/measured/fan';
	import { measuredPoints } from '$core/form/measured/points';
	import { scanned } from '$core/form/stand-ins/scanner';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { couponStep } from '$core/route/stations/form/coupon';
	import { formOf } from '$core/route/stations/form/made';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { LongPreview } from '$lib/desk/long-preview.svelte';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ErrorFan from '$lib/drawing/form/ErrorFan.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import LongTextField from '$lib/ui/fields/LongTextField.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import CouponArcs from './CouponArcs.svelte';
	import { takenBack } from './correct';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A coupon ground with the form, measured and laid on it: how far it is off and where, and the way back into stack or path. */
	let { desk, ondone }: Props = $props();
	const { told } = useUnits();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts))!);
	const entry = stepEntry(desk, couponStep, { anew: true });
	const v = $derived(entry.result.values);
	const csv = $derived(String(entry.typed.csv ?? ''));
	/** Laying thousands of points on a form takes longer than a page may stand still. */
	const MANY = 4000;
	const long = new LongPreview(desk, couponStep, entry, () => csv.length > MANY || form.chain.length > 40);
	const p = $derived(long.now);
	const out = $derived(p.main);
	const points = $derived(tryOrNull(() => measuredPoints(null, csv || null)));
	const fan = $derived(
		out && points ? fanOf(form.chain, points, v.source === 'wheel' ? 'wheel' : 'coupon', out) : []
	);
	const back = $derived(out ? takenBack(facts, form, out.arcs) : null);
	const um = (x: number | null | undefined) => quantity(x ?? null, 'um', facts.units);
	/** The profile scanner of the trainer: a face that was made a little off, the same every time. */
	function scan() {
		const side = v.source === 'wheel' ? 1 : -1;
		const face = scanned(form.chain, {
			count: Math.max(120, 14 * form.chain.length),
			noseErrorUm: 6,
			shiftZMm: 0.08,
			shiftXMm: -0.05,
			turnDeg: 0,
			wearUm: 3,
			sigmaUm: 0.4,
			seed: 29 + facts.records.length
		});
		entry.set('csv', face.map((q) => `${q.zMm.toFixed(5)},${(side * q.xMm).toFixed(5)}`).join('\n'));
	}
	onMount(() => {
		if (!entry.typed.fit) entry.set('fit', 'translation');
	});
	const within = $derived(out !== null && out.maxAbsUm <= form.toleranceUm);
	async function act() {
		if (await desk.record('form', 'coupon', entry)) ondone();
	}
</script>

<div class="board">
	{#if out && fan.length}<ErrorFan
			chain={form.chain}
			points={fan}
			toleranceUm={form.toleranceUm}
			units={facts.units}
		/>{:else}<p class="lead">
			Grind a coupon straight in, wheel and dresser left as they are; measure it along the form.
		</p>{/if}
</div>
<TwoSides>
	{#snippet one()}
		{#if p.result}<Reasons
				reasons={out?.reasons ?? []}
				most={3}
			/>{:else if p.fault && p.fault.code !== 'missing'}<p class="fault">
				{told(p.fault.message)}
			</p>{/if}
		{#if out}<CouponArcs arcs={out.arcs} units={facts.units} />{/if}
		{#if back}<p>{back.says}</p>
			<button
				class="btn"
				disabled={desk.busy}
				onclick={() => back.take(desk).then((done) => done && ondone())}>{back.label}</button
			>{/if}
	{/snippet}
	{#snippet other()}
		<Decisive
			what={long.computing ? 'Being computed …' : 'Off at its worst'}
			figure={out ? um(out.maxAbsUm) : '-'}
			means="{um(form.toleranceUm)} allowed"
			tone={out && !within ? 'caution' : 'plain'}
		/>
		{#if out}<Strip
				value={out.maxAbsUm}
				limit={form.toleranceUm}
				state={found(out, 'form-out-of-tolerance')}
				label="Form error"
				show={(x) => um(x)}
			/>
			<p class="quiet">
				At {quantity(out.worst.zMm, 'mm', facts.units)} along the axis; spread {um(out.rmsUm)}, {out.usedCount}
				points,
				{out.leftOutCount} beyond the ends.
			</p>{/if}
		<LongTextField {entry} name="csv" label="Points measured, z and x in mm" />
		<Simulated><button class="btn" onclick={scan}>Scanner stand-in</button></Simulated>
		<ChoiceField {entry} name="source" />
		<ChoiceField
			{entry}
			name="fit"
			label="Laid on it by"
			words={{ none: 'nothing', translation: 'shift', 'translation-rotation': 'shift and turn' }}
		/>
	{/snippet}
</TwoSides>
<ActionBar
	label={within ? 'Proved on this coupon' : 'Book this coupon'}
	onact={act}
	busy={desk.busy}
	disabled={!out}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.board {
		margin-bottom: var(--s-8);
	}
	.btn {
		justify-self: start;
	}
</style>
