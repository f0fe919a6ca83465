<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { untrack } from 'svelte';
	import { tolerance as judged } from '$core/balance/tolerance';
	import { updateEstimate } from '$core/balance/update-estimate';
	import { weights } from '$core/balance/weights';
	import { amountKnown } from '$core/route/stations/balance/conclude';
	import { Evidence } from '$core/route/evidence';
	import { measuredOver, staysStep } from '$core/route/stations/balance/stays';
	import { toleranceFor } from '$core/route/stations/balance/tolerance';
	import { notOnStand, notTurning } from '$core/route/stations/balance/where';
	import { trackOf } from '$core/route/stations/balance/track';
	import { outputOf } from '$core/route/result';
	import WeightFace from '$lib/drawing/WeightFace.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import type { Typed } from '$lib/ui/fields/entry.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import InsideGrade from './InsideGrade.svelte';
	import MethodFields from './MethodFields.svelte';
	import MethodHead from './MethodHead.svelte';
	import { METHODS, type MethodId } from './methods';
	import MoveWords from './MoveWords.svelte';
	import StaysAsked from './StaysAsked.svelte';
	import NotHere from './NotHere.svelte';
	import Outcome from './Outcome.svelte';
	import { beliefOf, balanceStatus } from './standing';

	interface Props {
		desk: SetupSession;
		onStand: boolean;
		/** Somebody goes over to the stand, or back. */
		onover: (part: 'off' | 'back') => void;
		ondone: () => void;
	}
	/** One roll after the other: measured by whatever the shop has, learnt from, the weights moved, until a roll proves it. */
	let { desk, onStand, onover, ondone }: Props = $props();
	const { told } = useUnits();
	const uid = $props.id();
	const facts = $derived(desk.facts);
	const s = $derived(balanceStatus(facts));
	let id = $state<MethodId>(
		untrack(() => METHODS.find((m) => m.id === s.measured?.step)?.id ?? (onStand ? 'swing' : 'auto'))
	);
	const method = $derived(METHODS.find((m) => m.id === id)!);
	const entries = new Map(METHODS.map((m) => [m.id, stepEntry(desk, m.step, { anew: true })]));
	const entry = $derived(entries.get(id)!);
	const full = (v: Typed): boolean =>
		Array.isArray(v)
			? v.some(full)
			: typeof v === 'object' && v !== null
				? Object.values(v).some(full)
				: typeof v === 'string'
					? v.trim() !== ''
					: false;
	/** Something has been typed that is not there from the start. */
	const typed = $derived(
		method.step.fields.some(
			(x) =>
				!('default' in x && x.default !== undefined) &&
				x.kind !== 'choice' &&
				full(entry.typed[x.name] ?? null)
		)
	);
	const p = $derived(preview(method.step, facts, entry));
	const live = $derived(typed && method.calculation ? outputOf(p.result, method.calculation) : null);
	const estimate = $derived((typed ? outputOf(p.result, updateEstimate) : null) ?? s.estimate);
	/** Only a direction is known as yet: the last place it rested at says it. */
	const directionOnly = $derived(estimate !== null && !amountKnown(facts, estimate));
	const heavyDeg = $derived(
		directionOnly
			? ((typed ? (entry.result.values.restAngleDeg as number | undefined) : s.lastRestDeg) ?? null)
			: (estimate?.presentHeavyAngleDeg ?? null)
	);
	/** Why it cannot be measured this way where it is now. */
	const barred = $derived(method.inMachine ? notTurning(facts) : notOnStand(facts));
	const waiting = $derived(s.moving && !typed);
	/** What is typed is inside the grade already: no weight is moved any more. */
	const ratio = $derived(typed ? (outputOf(p.result, judged)?.ratio ?? null) : null);
	const inside = $derived(ratio !== null && ratio <= 1 + 1e-9);
	const move = $derived(typed ? (inside ? null : outputOf(p.result, weights)) : waiting ? s.move : null);
	const track = $derived(trackOf(facts));
	const now = $derived(track?.weights.map((w) => w.angleDeg) ?? []);
	const tolerance = $derived(toleranceFor(facts, null).output);
	const turning = $derived.by(() => {
		const t = entry.typed.turningAnglesDeg;
		return Array.isArray(t) ? t.map(String) : [];
	});
	const marks = $derived(
		id === 'marks' || id === 'swing'
			? turning
					.filter((t) => t.trim() !== '')
					.map(Number)
					.filter(Number.isFinite)
			: []
	);
	async function book() {
		if (!(await desk.record('balance', method.id, entry))) return;
		entry.fill({});
		await entry.recorded();
		ondone();
	}
	/** It was measured over the limit and nothing was done since: a rest everywhere then asks what was changed. */
	const over = $derived(measuredOver(facts, Evidence.of(facts)));
	const rested = stepEntry(desk, staysStep, { anew: true });
	let asking = $state(false);
	const stays = async () => {
		if (over && !asking) return void (asking = true);
		if (!(await desk.record('balance', 'stays', rested))) return;
		asking = false;
		await rested.recorded();
		ondone();
	};
	const moveAll = () =>
		desk.record('balance', 'move', null, { anglesDeg: s.move!.placements.map((x) => x.angleDeg) });
	const addMark = (deg: number) =>
		entry.set('turningAnglesDeg', [...turning.filter((t) => t.trim() !== ''), String(deg)]);
</script>

<div class="cols">
	<div class="left">
		<WeightFace
			{heavyDeg}
			from={now}
			to={move?.placements.map((x) => x.angleDeg) ?? now}
			masses={track?.weights.map((w) => w.massG) ?? []}
			forbidden={track?.forbidden ?? []}
			{marks}
			belief={beliefOf(facts, estimate)}
			onpick={id === 'marks' && !waiting ? addMark : undefined}
		/>
		<Outcome
			units={facts.units}
			{directionOnly}
			present={directionOnly ? null : typed ? (live?.unbalanceGmm ?? null) : s.lastGmm}
			uncertain={directionOnly || inside
				? null
				: typed
					? (live?.uncertaintyGmm ?? estimate?.sigmaMajorGmm ?? null)
					: null}
			expected={move ? (estimate?.sigmaMajorGmm ?? null) : null}
			allowed={tolerance.permissibleGmm}
			grade={tolerance.gradeMmPerS}
			rpm={facts.machine.spindleRpm}
			state={typed ? (outputOf(p.result, judged)?.verdict ?? null) : s.verdict}
		/>
	</div>
	<div class="side">
		<div class="by">
			<label for="{uid}-by">Measured by</label><select id="{uid}-by" class="plain-input" bind:value={id}
				>{#each METHODS as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
			>
		</div>
		{#if waiting && s.move}<MoveWords {desk} estimate={s.estimate} move={s.move} from={now} />
		{:else if waiting && !track && id !== 'auto'}<h2>No weights in a track</h2>
			<p>This mount has none. Put it right with screws in holes, or true the wheel again.</p>
		{:else if barred && !(s.done && !typed)}<NotHere
				says={barred}
				label={method.inMachine ? 'Back on the spindle' : 'Onto the stand'}
				onway={() => onover(method.inMachine ? 'back' : 'off')}
			/>
		{:else if id === 'auto'}<MethodHead
				{desk}
				{entry}
				onrun={() => desk.record('balance', 'auto', null, { standIn: true })}
			/>
		{:else}{#if id !== 'swing'}<p class="quiet">{method.has}</p>{/if}<MethodFields
				{method}
				{entry}
			/>{#if inside || (s.done && !typed)}<InsideGrade booked={!typed} />{:else if live && move}<MoveWords
					{desk}
					{estimate}
					{move}
					from={now}
					title="Then move the weights"
					reasons={live.reasons ?? []}
				/>{/if}{/if}
		{#if !waiting && id !== 'auto' && s.rolls > 0}<details>
				<summary>Something slipped since?</summary><YesNo {entry} name="afresh" />
			</details>{/if}
	</div>
</div>
{#if asking && over}<StaysAsked
		entry={rested}
		measured={over}
		units={facts.units}
		onback={() => (asking = false)}
	/>{/if}
{#if typed && p.fault && p.fault.code !== 'missing'}<p class="fault">{told(p.fault.message)}</p>{/if}
<ActionBar
	forward={s.done && !typed}
	label={waiting && s.move
		? 'Weights moved, roll again'
		: s.done && !typed
			? 'Balanced, go on'
			: method.inMachine
				? 'Book this run'
				: 'Book this roll'}
	onact={() => (waiting && s.move ? moveAll() : s.done && !typed ? desk.onward() : book())}
	busy={desk.busy}
	disabled={barred !== null && !waiting && !s.done}
>
	{#if onStand || !method.inMachine}<button
			class="btn"
			onclick={stays}
			disabled={desk.busy || barred !== null}>It stays put everywhere</button
		>{/if}
	{#snippet aside()}<ShowWorking computed={typed ? p.computed : []} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(240px, 344px) minmax(0, 1fr);
		gap: var(--s-24);
		margin: var(--s-10) 0 var(--s-4);
		align-items: start;
	}
	.side {
		display: grid;
		gap: var(--s-6);
		align-content: start;
		min-width: 0;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.by {
		display: flex;
		gap: var(--s-10);
		align-items: center;
	}
	.by label {
		font-size: var(--type-small);
		color: var(--ink2);
		white-space: nowrap;
	}
	.by select {
		flex: 1;
		min-width: 0;
		min-height: 36px;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
