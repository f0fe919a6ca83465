<script lang="ts">
	import { resolve } from '$app/paths';
	import { onMount } from 'svelte';
	import { duration } from '$core/quantity/format';
	import { holds } from '$core/route/decision';
	import { Evidence, partOf } from '$core/route/evidence';
	import { outcomeStep } from '$core/route/stations/run-in/outcome';
	import { speedStep } from '$core/route/stations/run-in/speed';
	import { startStep } from '$core/route/stations/run-in/start';
	import { runInPlan } from '$core/run-in/plan';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { BAD_SOUNDS, HEARD_WORDS } from './heard-words';
	import JogLadder from './JogLadder.svelte';
	import TachometerPart from './TachometerPart.svelte';

	interface Props {
		desk: SetupSession;
		since: { atMs: number; requiredS: number };
	}
	/** The free run: counted down by the server's clock, the tachometer read meanwhile, then what was heard. */
	let { desk, since }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, outcomeStep, { anew: true });
	let now = $state(desk.facts.nowMs);
	onMount(() => {
		now = desk.nowMs();
		const t = setInterval(() => (now = desk.nowMs()), 250);
		return () => clearInterval(t);
	});
	const left = $derived(Math.max(0, since.requiredS - (now - since.atMs) / 1000));
	const clock = $derived(
		`${Math.floor(Math.ceil(left) / 60)}:${String(Math.ceil(left) % 60).padStart(2, '0')}`
	);
	const p = $derived(preview(outcomeStep, { ...facts, nowMs: Math.max(now, facts.nowMs) }, entry));
	const plan = $derived(partOf(Evidence.of(facts).step(startStep), runInPlan)?.output ?? null);
	const spinDry = $derived(plan?.spinDryS ? `; after wet work spin dry ${duration(plan.spinDryS)}` : '');
	/** Anything bad heard or smelt acts at once, however long it has run. */
	const bad = $derived(BAD_SOUNDS.includes(String(entry.at('heard'))) || entry.at('smokeOrSmell') === 'yes');
	const speed = stepEntry(desk, speedStep, { anew: true, start: { stage: 'after-wheel' } });
	const fast = $derived(!holds(desk.decision, 'run-in', ['speed']));
	const read = $derived(preview(speedStep, facts, speed));
	const book = () => desk.record('run-in', 'speed', speed);
	const act = $derived(
		bad
			? { label: 'Stop it, then book what you heard', on: () => desk.record('run-in', 'outcome', entry) }
			: fast
				? { label: 'Book the reading', on: book }
				: { label: 'Ran free, go on', on: () => desk.record('run-in', 'outcome', entry) }
	);
</script>

<section class="run">
	<div class:over={left === 0}>
		<p class="lab">{left > 0 ? 'Run empty, stand aside, listen' : 'Long enough'}</p>
		<p class="num huge" role="timer" aria-label="{Math.ceil(left)} seconds left">{clock}</p>
		<p class="quiet">of {duration(since.requiredS)}, by the server's clock{spinDry}</p>
	</div>
	{#if plan}<JogLadder
			jogs={plan.jogs}
			runRpm={facts.machine.spindleRpm}
			coastS={facts.machine.coastS}
		/>{/if}
</section>
<TachometerPart {desk} entry={speed} onagain={fast ? null : book} />
{#if fast && read.main}<Reasons reasons={read.main.reasons} />{/if}
<div class="heard">
	<ChoiceField {entry} name="heard" label="What you hear" words={HEARD_WORDS} />
	<YesNo {entry} name="smokeOrSmell" />
	<details>
		<summary>Vibration, if measured</summary>
		<QuantityField {entry} name="vibrationMmPerS" label="Vibration" />
	</details>
</div>
{#if bad}<div class="now" role="alert">
		<b>Switch off now.</b> Stay out of line, wait until it stands, isolate it, take the wheel off. Then book it:
		the wheel is set aside.
	</div>
{:else if p.main?.reasons.length && left === 0}<Reasons reasons={p.main.reasons} />{/if}
<ActionBar label={act.label} onact={act.on} busy={desk.busy} stop={bad} disabled={!bad && !fast && left > 0}>
	<a class="btn stop" href={resolve(`/setups/${facts.id}/wrong`)}>Something is wrong</a>
	{#snippet aside()}<ShowWorking
			computed={fast && !bad ? read.computed : p.computed}
			system={facts.units}
		/>{/snippet}
</ActionBar>

<style>
	details {
		padding: var(--s-8) 0;
		font-size: var(--type-label);
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		min-height: 26px;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
		margin-bottom: var(--s-4);
	}
	.run {
		display: grid;
		grid-template-columns: 1fr 330px;
		gap: var(--s-28);
		border-top: 1px solid var(--rule);
		padding-top: var(--s-12);
	}
	.huge {
		font-size: var(--type-clock);
		font-weight: 700;
		line-height: 1;
	}
	.over .huge {
		color: var(--ok);
	}
	.now {
		background: var(--stop-soft);
		border-left: 5px solid var(--stop);
		padding: var(--s-12);
		font-size: var(--type-title);
	}
	.heard {
		display: flex;
		gap: var(--s-24);
		flex-wrap: wrap;
		margin: var(--s-10) 0;
	}
	@media (max-width: 1000px) {
		.run {
			grid-template-columns: 1fr;
		}
	}
</style>
