<script lang="ts">
	import { onMount } from 'svelte';
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { limitRpm } from '$core/route/facts';
	import { outcomeStep, runningSince, speedStep, startStep } from '$core/route/stations/run-in/steps';
	import Strip from '$lib/drawing/Strip.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';
	import QuotedSpeed from '$lib/features/speed/QuotedSpeed.svelte';
	import ReadInstrument from '$lib/desk/ReadInstrument.svelte';
	import EnergyNote from './EnergyNote.svelte';
	import JogLadder from './JogLadder.svelte';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const f = $derived(desk.facts);
	const make = (fields: never, part: string) =>
		new Entry({
			fields,
			key: `setup-${desk.facts.id}-run-in${part}`,
			draft: drafts[`run-in${part}`] ?? null,
			system: desk.facts.units
		});
	const speed = make(speedStep.fields as never, '');
	const start = make(startStep.fields as never, '-start');
	const outcome = make(outcomeStep.fields as never, '-outcome');
	const e = $derived(new Evidence(f));
	const standing = (step: string) => {
		const r = e.latest('run-in', step);
		return r !== null && r.verdict !== 'stop' && (r.verdict === 'ok' || r.overrideReason !== null);
	};
	const since = $derived(runningSince(f));
	const started = $derived(since !== null && standing('start'));
	const limit = $derived(limitRpm(f.wheel!) ?? 0);
	let now = $state(desk.facts.nowMs);
	onMount(() => {
		now = desk.nowMs();
		const t = setInterval(() => (now = desk.nowMs()), 250);
		return () => clearInterval(t);
	});
	const left = $derived(since ? Math.max(0, since.requiredS - (now - since.atMs) / 1000) : 0);
	const phase = $derived(!standing('speed') ? 'speed' : !started ? 'start' : 'outcome');
	const p = $derived(
		preview(
			phase === 'speed' ? speedStep : phase === 'start' ? startStep : outcomeStep,
			{ ...f, nowMs: Math.max(now, f.nowMs) },
			phase === 'speed' ? speed : phase === 'start' ? start : outcome
		)
	);
	const speedOut = $derived(
		outputOf(phase === 'speed' ? p : preview(speedStep, f, speed), 'run-in.speed-check') as {
			reasons: never[];
			verdict: string;
		} | null
	);
	const plan = $derived(
		(outputOf(p, 'run-in.plan') ?? e.latest('run-in', 'start')?.output ?? null) as {
			jogs: { number: number; targetRpm: number; powerOnS: number; coastS: number }[];
			freeRunS: number;
			powerOnTotalS: number;
			coastDownS: number | null;
			spinDryS: number;
			reasons: never[];
		} | null
	);
	const clock = $derived(
		`${Math.floor(Math.ceil(left) / 60)}:${String(Math.ceil(left) % 60).padStart(2, '0')}`
	);
	const tach = $derived(
		(speed.result.values.measuredRpm as number | undefined) ??
			(e.latest('run-in', 'speed')?.input.measuredRpm as number | undefined) ??
			null
	);
	const act = () =>
		phase === 'speed'
			? desk.record('run-in', 'speed', speed)
			: phase === 'start'
				? desk.record('run-in', 'start', start)
				: desk.record('run-in', 'outcome', outcome);
</script>

<h1>Run in</h1>
<p class="lead">
	Guard shut, nobody in line with the rim, then up in short nudges. Wheels that break at the start break here.
</p>
<section class="speeds">
	<div>
		<p class="lab">Tachometer against what the wheel allows</p>
		<Strip value={tach} {limit} label="Tachometer" unit="rpm" show={(v) => v.toFixed(0)} other={null} />
		<p class="quiet">
			Machine set to {quantity(f.machine.spindleRpm, 'rpm')}. Wheel {f.wheel!.number}: {f.wheel!.ratedMps
				? quantity(f.wheel!.ratedMps, 'm/s', f.units)
				: ''}{f.wheel!.ratedRpm ? ` ${quantity(f.wheel!.ratedRpm, 'rpm')}` : ''}, which is {quantity(
				limit,
				'rpm'
			)} at its new diameter. A worn wheel earns no more.
		</p>
		<details>
			<summary>Somebody quoted a speed for it</summary><QuotedSpeed
				system={f.units}
				key={`setup-${f.id}-run-in-quoted`}
				start={{ diameterMm: f.wheel!.diameterMm, ratedSpeedMps: f.wheel!.ratedMps ?? undefined }}
				onkeep={(values) => void desk.record('run-in', 'quoted', null, values)}
			/>
		</details>
	</div>
	<div class="tach">
		<QuantityField entry={speed} name="measuredRpm" /><ReadInstrument
			kind="tachometer"
			system={f.units}
			ontake={(rpm) => speed.set('measuredRpm', String(rpm))}
		/>
		<ChoiceField
			entry={speed}
			name="stage"
			label="Read on"
			words={{ 'before-wheel': 'bare spindle', 'after-wheel': 'with the wheel' }}
		/>
		{#if phase !== 'speed'}<button
				class="btn"
				onclick={() => desk.record('run-in', 'speed', speed)}
				disabled={desk.busy}>Book another reading</button
			>{/if}
	</div>
</section>
{#if phase === 'speed' && speedOut}<Reasons reasons={speedOut.reasons} />{/if}
{#if phase !== 'speed'}
	<section class="run">
		{#if phase === 'start'}
			<div class="asks">
				<YesNo entry={start} name="guardClosed" compact label="Guard closed and latched" /><YesNo
					entry={start}
					name="peopleClear"
					compact
					label="Nobody in line with the rim"
				/><YesNo
					entry={start}
					name="firstRun"
					compact
					label="First run of this wheel on this mount"
				/><EnergyNote facts={f} />
			</div>
		{:else}
			<div class="count" class:over={left === 0}>
				<p class="lab">{left > 0 ? 'Run empty, stand aside, listen' : 'Long enough'}</p>
				<p class="num huge" role="timer" aria-label="{Math.ceil(left)} seconds left">{clock}</p>
				<p class="quiet">
					of {duration(since?.requiredS ?? 0)}, by the server's clock{plan?.spinDryS
						? `; after wet work spin dry ${duration(plan.spinDryS)}`
						: ''}
				</p>
			</div>
		{/if}
		{#if plan?.jogs}<JogLadder
				jogs={plan.jogs}
				runRpm={f.machine.spindleRpm}
				coastDownS={plan.coastDownS}
			/>{/if}
	</section>
	{#if phase === 'outcome'}<div class="heard">
			<ChoiceField
				entry={outcome}
				name="heard"
				label="What you hear"
				words={{
					normal: 'an even hum',
					rising: 'rising',
					knock: 'a knock',
					rub: 'a rub',
					'not-listened': 'did not listen'
				}}
			/><YesNo entry={outcome} name="smokeOrSmell" />
			<details>
				<summary>Vibration, if measured</summary><QuantityField
					entry={outcome}
					name="vibrationMmPerS"
					label="Vibration"
				/>
			</details>
		</div>{/if}
	{#if p.computed[0]?.output.reasons?.length && !(phase === 'outcome' && left > 0)}<Reasons
			reasons={p.computed[0].output.reasons as never}
		/>{/if}
	{#if p.fault && phase === 'start' && start.result.fault === null}<p class="fault">{p.fault.message}</p>{/if}
{/if}
<ActionBar
	label={phase === 'speed' ? 'Book the reading' : phase === 'start' ? 'Wheel is started' : 'Ran free, go on'}
	onact={act}
	busy={desk.busy}
	disabled={phase === 'outcome' && left > 0}
>
	{#if phase === 'outcome'}<a class="btn stop" href="/setups/{f.id}/wrong">It does not sound right</a>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	details {
		padding: 8px 0;
		font-size: 14.5px;
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		min-height: 26px;
	}
	.speeds {
		display: grid;
		grid-template-columns: 1fr 270px;
		gap: 28px;
		margin: 12px 0 8px;
	}
	.tach {
		display: grid;
		gap: 8px;
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: 13.5px;
		margin-bottom: 4px;
	}
	.run {
		display: grid;
		grid-template-columns: 1fr 330px;
		gap: 28px;
		border-top: 1px solid var(--rule);
		padding-top: 12px;
	}
	.asks {
		display: grid;
		gap: 10px;
		align-content: start;
	}
	.huge {
		font-size: 76px;
		font-weight: 700;
		line-height: 1;
	}
	.over .huge {
		color: var(--ok);
	}
	.heard {
		display: flex;
		gap: 26px;
		flex-wrap: wrap;
		margin: 10px 0;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		margin-top: 6px;
	}
	@media (max-width: 1000px) {
		.speeds,
		.run {
			grid-template-columns: 1fr;
		}
	}
</style>
