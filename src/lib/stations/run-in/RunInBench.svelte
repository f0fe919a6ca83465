<script lang="ts">
	import { holds, lineOf } from '$core/route/decision';
	import { runningSince } from '$core/route/stations/run-in/outcome';
	import { speedStep } from '$core/route/stations/run-in/speed';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import FreeRunPart from './FreeRunPart.svelte';
	import StartPart from './StartPart.svelte';
	import TachometerPart from './TachometerPart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** A guarded start, the tachometer under the limit, and a free run long enough; each once the gate says the one before it holds. */
	let { desk }: Props = $props();
	const speed = stepEntry(desk, speedStep, { anew: true, start: { stage: 'before-wheel' } });
	/** A reading over the limit: nothing is started before another one. */
	const tooFast = $derived(lineOf(desk.decision, 'run-in', 'speed')?.state === 'stop');
	const since = $derived(holds(desk.decision, 'run-in', ['start']) ? runningSince(desk.facts) : null);
	const read = $derived(preview(speedStep, desk.facts, speed));
	const book = () => desk.record('run-in', 'speed', speed);
</script>

<h1>Run in</h1>
<p class="lead">
	Guard shut, nobody in line with the rim, then up in short nudges. Wheels that break at the start break here.
</p>
{#if since}<FreeRunPart {desk} {since} />
{:else}
	{#if tooFast}
		<TachometerPart {desk} entry={speed} onagain={null} />
		{#if read.main}<Reasons reasons={read.main.reasons} />{/if}
		<ActionBar label="Book the reading" onact={book} busy={desk.busy}>
			{#snippet aside()}<ShowWorking computed={read.computed} system={desk.facts.units} />{/snippet}
		</ActionBar>
	{:else}
		<details>
			<summary>Tachometer, read on the bare spindle before the wheel went on</summary>
			<TachometerPart {desk} entry={speed} onagain={book} />
			{#if read.main}<Reasons reasons={read.main.reasons} />{/if}
		</details>
		<StartPart {desk} />
	{/if}
{/if}

<style>
	details {
		margin-bottom: var(--s-8);
	}
	summary {
		cursor: pointer;
		color: var(--ink2);
		min-height: 30px;
	}
</style>
