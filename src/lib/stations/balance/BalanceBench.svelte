<script lang="ts">
	import { clockPosition, figure, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { swingStep, toleranceFor, weightAngles } from '$core/route/steps/balance';
	import Strip from '$lib/drawing/Strip.svelte';
	import WeightFace from '$lib/drawing/WeightFace.svelte';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import { Entry, type Typed } from '$lib/ui/entry.svelte';
	import QuantityField from '$lib/ui/QuantityField.svelte';
	import Reasons from '$lib/ui/Reasons.svelte';
	import ShowWorking from '$lib/ui/ShowWorking.svelte';
	import type { Desk } from '../desk.svelte';
	import { outputOf, preview } from '../preview';
	import MoveList from './MoveList.svelte';
	import Stopwatch from './Stopwatch.svelte';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const f = $derived(desk.facts);
	const entry = new Entry({ fields: swingStep.fields, key: `setup-${desk.facts.id}-balance`, draft: drafts.balance ?? null, system: 'mm' });
	const e = $derived(new Evidence(f));
	const lastSwing = $derived(e.latest('balance', 'swing', 'balance.from-period'));
	const lastMove = $derived(e.latest('balance', 'move'));
	const judged = $derived(e.latestOf('balance', ['swing', 'stays'], 'balance.tolerance'));
	/** A swing is booked and its move not yet made. */
	const moving = $derived(lastSwing !== null && (lastMove === null || lastMove.id < lastSwing.id) && judged !== null && judged.id >= lastSwing.id - 2 && Number(judged.output.ratio) > 1);
	const p = $derived(preview(swingStep, f, entry));
	const typed = $derived(String(entry.typed.timeS ?? '').trim() !== '');
	type Move = { placements: { weight: number; angleDeg: number; travelDeg: number }[]; residualGmm: number; reasons: never[]; totalTravelDeg: number };
	const bookedMove = $derived(e.latest('balance', 'swing', 'balance.weights')?.output as Move | undefined);
	const live = $derived(typed ? outputOf(p, 'balance.from-period') : null);
	const swing = $derived((live ?? (moving ? lastSwing!.output : null)) as { unbalanceGmm: number; heavyAngleDeg: number; uncertaintyGmm: number; reasons: never[] } | null);
	const move = $derived((typed ? (outputOf(p, 'balance.weights') as Move | null) : moving ? bookedMove ?? null : null));
	const tolerance = $derived(toleranceFor(f, swing?.unbalanceGmm ?? null).output as { permissibleGmm: number; gradeMmPerS: number; ratio: number | null; reasons: never[] });
	const now = $derived(weightAngles(f));
	const last = $derived(judged ? Number(judged.input.unbalanceGmm) : null);
	const turning = $derived((entry.typed.turningAnglesDeg ?? []) as string[]);
	let marks = $state(false);
	const q = (v: number | null | undefined) => quantity(v ?? null, 'gmm', f.units);
	const rolls = $derived(f.records.filter((r) => r.station === 'balance' && r.calculation === 'balance.tolerance' && r.wheelId === f.wheel?.id).length);
	async function act() {
		if (moving && !typed) return void (await desk.record('balance', 'move', null, { anglesDeg: bookedMove!.placements.map((x) => x.angleDeg) }));
		if (await desk.record('balance', 'swing', entry)) { entry.set('timeS', ''); entry.set('restAngleDeg', ''); entry.set('turningAnglesDeg', []); entry.touched = {}; entry.recorded(); }
	}
	const setMark = (i: number, text: string) => entry.set('turningAnglesDeg', [0, 1, 2].map((k) => (k === i ? text : turning[k] ?? '')) as Typed[]);
	$effect(() => { if (!marks && turning.length && turning.every((t) => t.trim() === '')) entry.typed.turningAnglesDeg = []; });
	const done = $derived(judged !== null && Number(judged.output.ratio) <= 1 && !typed);
</script>

<h1>Balance</h1>
<p class="lead">Whole flange assembly on the stand, level. Witness mark at 12. Roll {rolls + (done ? 0 : 1)}.</p>
<div class="cols">
	<WeightFace heavyDeg={swing?.heavyAngleDeg ?? null} from={now} to={move?.placements.map((x) => x.angleDeg) ?? now} />
	<div class="side">
		{#if moving && !typed}
			<h2>Move the weights</h2>
			<p>The heavy side is at <b class="num">{figure(swing?.heavyAngleDeg ?? null, 'deg')}°</b>, {q(swing?.unbalanceGmm)} too much. Set these, tighten their screws, roll again.</p>
			{#if move}<MoveList placements={move.placements} from={now} /><Reasons reasons={move.reasons} />{/if}
		{:else}
			<div class="time"><QuantityField {entry} name="timeS" autofocus={!done} /><Stopwatch onstop={(s) => entry.set('timeS', s.toFixed(2))} /></div>
			{#if marks}
				<p class="lab">Turning marks, three in a row</p>
				<div class="marks">{#each [0, 1, 2] as i (i)}<input class="plain-input num" aria-label="Turning mark {i + 1}, degrees" value={turning[i] ?? ''} maxlength="12" oninput={(ev) => setMark(i, ev.currentTarget.value)} />{/each}</div>
				{#if entry.faultAt('turningAnglesDeg')}<p class="fault">{entry.faultAt('turningAnglesDeg')}</p>{/if}
			{:else}
				<QuantityField {entry} name="restAngleDeg" note={entry.result.values.restAngleDeg === undefined ? '° from the mark, at the bottom' : `about ${clockPosition(Number(entry.result.values.restAngleDeg))} on the clock`} />
			{/if}
			<div class="small"><QuantityField {entry} name="swings" label="Swings timed" /><button class="link" onclick={() => { marks = !marks; entry.set('turningAnglesDeg', []); entry.set('restAngleDeg', ''); }}>{marks ? 'Use where it rested' : 'Use turning marks instead'}</button></div>
			{#if live && move}<h2>Move the weights</h2><MoveList placements={move.placements} from={now} /><Reasons reasons={[...move.reasons, ...(swing?.reasons ?? [])]} />{:else if live && !move}<p class="quiet">This mount has no weights in a track; the wheel itself has to be put right.</p>{/if}
		{/if}
		<p class="lab">Unbalance {move ? 'left after the move' : 'now'}</p>
		<p class="num huge">{swing ? figure(move ? swing.uncertaintyGmm : swing.unbalanceGmm, 'gmm', f.units) : last === null ? '-' : figure(last, 'gmm', f.units)}<span> {f.units === 'mm' ? 'g·mm' : 'oz·in'}{move && swing ? ' expected' : ''}</span></p>
		<Strip value={move && swing ? swing.uncertaintyGmm : swing?.unbalanceGmm ?? last} other={move && swing ? swing.unbalanceGmm : null} limit={tolerance.permissibleGmm} label="Unbalance" show={(v) => figure(v, 'gmm', f.units)} />
		<p class="quiet">Grade G {tolerance.gradeMmPerS} at {quantity(f.machine.spindleRpm, 'rpm')}: {q(tolerance.permissibleGmm)}.</p>
	</div>
</div>
{#if typed && p.fault && !entry.result.fault}<p class="fault">{p.fault.message}</p>{/if}
<ActionBar forward={done} label={moving && !typed ? 'Weights moved, roll again' : done ? 'Balanced, on to dressing' : 'Book this roll'} onact={() => (done ? desk.onward() : act())} busy={desk.busy}>
	<button class="btn" onclick={() => desk.record('balance', 'stays', null, {})} disabled={desk.busy}>It stays put everywhere</button>
	{#snippet aside()}<ShowWorking computed={typed ? p.computed : []} system={f.units} />{/snippet}
</ActionBar>

<style>
	.cols { display: grid; grid-template-columns: minmax(260px, 400px) 1fr; gap: 24px; margin: 8px 0 4px; align-items: start; } .side { display: grid; gap: 6px; align-content: start; min-width: 0; } .time { display: grid; grid-template-columns: 1fr auto; gap: 10px; align-items: start; } .lab { color: var(--ink2); font-size: 13.5px; } .huge { font-size: 34px; font-weight: 700; line-height: 1; } .huge span { font-size: 15px; font-weight: 500; color: var(--ink2); } .fault { color: var(--stop); font-weight: 600; font-size: 13.5px; }
	.marks { display: grid; grid-template-columns: 1fr 1fr 1fr; gap: 8px; } .marks input { width: 100%; } .small { display: grid; grid-template-columns: 130px 1fr; gap: 12px; align-items: center; }
	@media (max-width: 1000px) { .cols { grid-template-columns: 1fr; } }
</style>
