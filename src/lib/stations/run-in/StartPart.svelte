<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { startStep } from '$core/route/stations/run-in/start';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import EnergyNote from './EnergyNote.svelte';
	import JogLadder from './JogLadder.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The first start: what is asked of the person, and the nudges up to speed. */
	let { desk }: Props = $props();
	const { told } = useUnits();
	const entry = stepEntry(desk, startStep, { anew: true });
	const p = $derived(preview(startStep, desk.facts, entry));
	const plan = $derived(p.main);
	/** Said once everything is answered, so that it is no reproach for what is still open. */
	const fault = $derived(entry.result.fault === null ? p.fault : null);
</script>

<section class="run">
	<div class="asks">
		<YesNo {entry} name="guardClosed" compact label="Guard closed and latched" />
		<YesNo {entry} name="peopleClear" compact label="Nobody in line with the rim" />
		<YesNo {entry} name="firstRun" compact label="First run of this wheel on this mount" />
		<EnergyNote facts={desk.facts} />
	</div>
	{#if plan}<JogLadder
			jogs={plan.jogs}
			runRpm={desk.facts.machine.spindleRpm}
			coastS={desk.facts.machine.coastS}
		/>{/if}
</section>
{#if plan?.reasons.length}<Reasons reasons={plan.reasons} />{/if}
{#if fault}<p class="fault">{told(fault.message)}</p>{/if}
<ActionBar label="Wheel is started" onact={() => desk.record('run-in', 'start', entry)} busy={desk.busy}>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.run {
		display: grid;
		grid-template-columns: 1fr 330px;
		gap: var(--s-28);
		border-top: 1px solid var(--rule);
		padding-top: var(--s-12);
	}
	.asks {
		display: grid;
		gap: var(--s-10);
		align-content: start;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		margin-top: var(--s-6);
	}
	@media (max-width: 1000px) {
		.run {
			grid-template-columns: 1fr;
		}
	}
</style>
