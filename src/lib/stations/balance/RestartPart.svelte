<script lang="ts">
	import { resolve } from '$app/paths';
	import { duration } from '$core/quantity/format';
	import { restartPlan, restartStep } from '$core/route/stations/balance/off-and-back';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import JogLadder from '$lib/stations/run-in/JogLadder.svelte';
	import { BAD_SOUNDS, HEARD_WORDS } from '$lib/stations/run-in/heard-words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Put back, it is started guarded again: nudged up, run empty, listened to. */
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, restartStep, { anew: true });
	const p = $derived(preview(restartStep, desk.facts, entry));
	const plan = $derived(restartPlan(desk.facts, { guardClosed: true, peopleClear: true }).output);
	const bad = $derived(BAD_SOUNDS.includes(String(entry.at('heard'))));
	async function act() {
		if (await desk.record('balance', 'restart', entry)) ondone();
	}
</script>

<section class="run">
	<div class="asks">
		<YesNo {entry} name="guardClosed" compact label="Guard closed and latched" />
		<YesNo {entry} name="peopleClear" compact label="Nobody in line with the rim" />
		<QuantityField {entry} name="ranS" label={`Ran empty for, at least ${duration(plan.freeRunS)}`} />
		<ChoiceField {entry} name="heard" label="What you hear" words={HEARD_WORDS} />
	</div>
	<JogLadder jogs={plan.jogs} runRpm={desk.facts.machine.spindleRpm} coastS={desk.facts.machine.coastS} />
</section>
{#if bad}<p class="now" role="alert">
		<b>Switch off now.</b> Stay out of line, wait until it stands, isolate it. Then book it: the wheel is set aside.
	</p>
{:else if p.main?.reasons.length}<Reasons reasons={p.main.reasons} />{/if}
<ActionBar
	label={bad ? 'Stop it, then book what you heard' : 'Started, ran empty'}
	onact={act}
	busy={desk.busy}
	stop={bad}
>
	<a class="btn stop" href={resolve(`/setups/${desk.facts.id}/wrong`)}>Something is wrong</a>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.run {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 330px;
		gap: var(--s-28);
		margin-top: var(--s-12);
	}
	.asks {
		display: grid;
		gap: var(--s-10);
		align-content: start;
		justify-items: start;
	}
	.now {
		background: var(--stop-soft);
		border-left: 5px solid var(--stop);
		padding: var(--s-12);
		font-size: var(--type-title);
	}
	@media (max-width: 1000px) {
		.run {
			grid-template-columns: 1fr;
		}
	}
</style>
