<script lang="ts">
	import { untrack } from 'svelte';
	import { amountKnown } from '$core/route/stations/balance/measure';
	import { trackOf, toleranceFor } from '$core/route/stations/balance/track';
	import WeightFace from '$lib/drawing/WeightFace.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry, type Typed } from '$lib/ui/fields/entry.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';
	import MethodFields from './MethodFields.svelte';
	import MethodHead from './MethodHead.svelte';
	import { METHODS, type MethodId } from './methods';
	import MoveWords from './MoveWords.svelte';
	import Outcome from './Outcome.svelte';
	import { type Estimate, type Move, beliefOf, standingOf } from './standing';

	/** One roll after the other: measured by whatever the shop has, learnt from, the weights moved, until a roll proves it. */
	let {
		desk,
		drafts,
		onStand
	}: { desk: Desk; drafts: Record<string, Record<string, unknown> | null>; onStand: boolean } = $props();
	const uid = $props.id();
	const f = $derived(desk.facts);
	const s = $derived(standingOf(f));
	let id = $state<MethodId>(
		untrack(() => METHODS.find((m) => m.id === s.judged?.step)?.id ?? (onStand ? 'swing' : 'auto'))
	);
	const method = $derived(METHODS.find((m) => m.id === id)!);
	const entries = untrack(
		() =>
			new Map(
				METHODS.map((m) => [
					m.id,
					new Entry({
						fields: m.step.fields,
						key: `setup-${desk.facts.id}-balance-${m.id}`,
						draft: drafts[`balance-${m.id}`] ?? null,
						system: desk.facts.units
					})
				])
			)
	);
	$effect(() => {
		for (const e of entries.values()) e.switchTo(f.units);
	});
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
	const p = $derived(preview(method.step, f, entry));
	const live = $derived(typed ? outputOf(p, method.calculation) : null);
	const estimate = $derived(
		((typed ? outputOf(p, 'balance.update-estimate') : null) ?? s.estimate) as Estimate | null
	);
	/** Only a direction is known as yet: the last place it rested at says it. */
	const directionOnly = $derived(estimate !== null && !amountKnown(f, estimate));
	const heavyDeg = $derived(
		directionOnly
			? ((typed ? (entry.result.values.restAngleDeg as number | undefined) : s.lastRestDeg) ?? null)
			: (estimate?.presentHeavyAngleDeg ?? null)
	);
	const waiting = $derived(s.moving && !typed);
	const move = $derived((typed ? outputOf(p, 'balance.weights') : waiting ? s.move : null) as Move | null);
	const track = $derived(trackOf(f));
	const now = $derived(track?.weights.map((w) => w.angleDeg) ?? []);
	const tolerance = $derived(toleranceFor(f, null).output as { permissibleGmm: number; gradeMmPerS: number });
	const marks = $derived(
		id === 'marks' || id === 'swing'
			? ((entry.typed.turningAnglesDeg ?? []) as string[])
					.map(Number)
					.filter((m, i, all) => String(all[i]) !== '' && Number.isFinite(m))
			: []
	);
	async function book() {
		if (!(await desk.record('balance', method.id, entry))) return;
		entry.fill({});
		await entry.recorded();
	}
	const moveAll = () =>
		desk.record('balance', 'move', null, { anglesDeg: s.move!.placements.map((x) => x.angleDeg) });
	const addMark = (deg: number) =>
		entry.set('turningAnglesDeg', [
			...((entry.typed.turningAnglesDeg ?? []) as string[]).filter((t) => String(t).trim() !== ''),
			String(deg)
		] as Typed);
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
			belief={beliefOf(f, estimate)}
			onpick={id === 'marks' && !waiting ? addMark : undefined}
		/>
		<Outcome
			units={f.units}
			{directionOnly}
			present={directionOnly
				? null
				: typed
					? ((live?.unbalanceGmm as number | undefined) ?? null)
					: s.lastGmm}
			uncertain={directionOnly
				? null
				: typed
					? ((live?.uncertaintyGmm as number | undefined) ?? estimate?.sigmaMajorGmm ?? null)
					: null}
			expected={move ? (estimate?.sigmaMajorGmm ?? null) : null}
			allowed={tolerance.permissibleGmm}
			grade={tolerance.gradeMmPerS}
			rpm={f.machine.spindleRpm}
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
		{:else if id === 'auto'}<MethodHead
				{desk}
				{entry}
				onrun={() => desk.record('balance', 'auto', null, { standIn: true })}
			/>
		{:else}{#if id !== 'swing'}<p class="quiet">{method.has}</p>{/if}<MethodFields
				{method}
				{entry}
			/>{#if live && move}<MoveWords
					{desk}
					{estimate}
					{move}
					from={now}
					title="Then move the weights"
					reasons={(live.reasons ?? []) as never}
				/>{/if}{/if}
		{#if !waiting && id !== 'auto' && s.rolls > 0}<details>
				<summary>Something slipped since?</summary><YesNo {entry} name="afresh" />
			</details>{/if}
	</div>
</div>
{#if typed && p.fault && p.fault.code !== 'missing'}<p class="fault">{p.fault.message}</p>{/if}
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
>
	{#if onStand || !method.inMachine}<button
			class="btn"
			onclick={() => desk.record('balance', 'stays', null, {})}
			disabled={desk.busy}>It stays put everywhere</button
		>{/if}
	{#snippet aside()}<ShowWorking computed={typed ? p.computed : []} system={f.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(240px, 344px) minmax(0, 1fr);
		gap: 24px;
		margin: 10px 0 4px;
		align-items: start;
	}
	.side {
		display: grid;
		gap: 5px;
		align-content: start;
		min-width: 0;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: 13.5px;
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		font-size: 13.5px;
	}
	.by {
		display: flex;
		gap: 10px;
		align-items: center;
	}
	.by label {
		font-size: 13.5px;
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
