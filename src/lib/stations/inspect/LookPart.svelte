<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import { lookStep } from '$core/route/stations/inspect/steps';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';
	import LookForm from './LookForm.svelte';

	let { desk, draft, ondone }: { desk: Desk; draft: Record<string, unknown> | null; ondone: () => void } =
		$props();
	const entry = new Entry({
		fields: lookStep.fields,
		key: `setup-${desk.facts.id}-inspect`,
		draft,
		system: desk.facts.units,
		start: new Evidence(desk.facts).latest('inspect', 'look')?.entered
	});
	const p = $derived(preview(lookStep, desk.facts, entry));
	const out = $derived(outputOf(p, 'inspect.visual'));
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
{#if out}<Reasons reasons={out.reasons as never} />{/if}
<ActionBar label={stop ? 'Quarantine the wheel' : 'Looked over'} onact={save} busy={desk.busy} {stop}>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>
