<script lang="ts">
	import { lookStep } from '$core/route/stations/inspect/look';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LookForm from './LookForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	let { desk, ondone }: Props = $props();
	const entry = stepEntry(desk, lookStep, { start: { chips: desk.facts.chipsSeen } });
	const p = $derived(preview(lookStep, desk.facts, entry));
	const out = $derived(p.main);
	const stop = $derived(out?.verdict === 'stop');
	async function save() {
		if (await desk.record('inspect', 'look', entry)) ondone();
	}
</script>

<h1>Inspect: look</h1>
<p class="lead">Both faces, rim, bore and label, on wood or rubber. A wheel that fell is finished.</p>
<LookForm
	{entry}
	wheel={desk.facts.wheel!}
	flangeMm={desk.facts.mount?.flangeMm ?? null}
	place="setup-{desk.facts.id}"
/>
{#if out}<Reasons reasons={out.reasons} />{/if}
<ActionBar label={stop ? 'Quarantine the wheel' : 'Looked over'} onact={save} busy={desk.busy} {stop}>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>
