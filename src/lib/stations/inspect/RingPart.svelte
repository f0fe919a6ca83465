<script lang="ts">
	import { contextOf, ringFacts, ringStanding, ringStep } from '$core/route/stations/inspect/ring';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import { keepFor } from './keeping';
	import { Listening } from './listening.svelte';
	import RingForm from './RingForm.svelte';

	interface Props {
		desk: SetupSession;
		onagain: () => void;
	}
	let { desk, onagain }: Props = $props();
	const entry = stepEntry(desk, ringStep);
	const facts = $derived(ringFacts(desk.facts));
	const context = $derived(contextOf(facts));
	const p = $derived(preview(ringStep, desk.facts, entry));
	const out = $derived(p.main);
	const ears = new Listening(
		() => context.settings,
		`ring-setup-${desk.facts.id}-${desk.facts.wheel!.number}`,
		keepFor(desk.facts.wheel!.number, desk.facts.id)
	);
	const { earDone, dull } = $derived(ringStanding(facts, (entry.typed.taps ?? []) as string[]));
	const doubt = $derived(!dull && context.applicability !== 'no' && earDone && out?.mayProceed !== true);
</script>

<h1>Inspect: ring</h1>
{#if context.applicability === 'no'}
	<p class="lead">This wheel cannot be rung: {context.cannot}. Look at it closely, then run it in guarded.</p>
	<Reasons reasons={out?.reasons ?? []} />
{:else}<RingForm {facts} {entry} {ears} />{/if}
<ActionBar
	label={dull
		? 'Quarantine the wheel'
		: context.applicability === 'no'
			? 'Go on without a ring'
			: doubt
				? 'Record it as doubtful'
				: 'Rung'}
	onact={() => desk.record('inspect', 'ring', entry)}
	busy={desk.busy || ears.busy}
	stop={dull}
>
	<button class="btn" onclick={onagain}>Look it over again</button>
	{#snippet aside()}{#if earDone}<ShowWorking
				computed={p.computed}
				system={desk.facts.units}
			/>{/if}{/snippet}
</ActionBar>
