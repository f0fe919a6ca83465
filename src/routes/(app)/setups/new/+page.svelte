<script lang="ts">
	import { goto } from '$app/navigation';
	import { InputFault } from '$core/calculation/fault';
	import { BRIEF_FIELDS } from '$core/route/steps/brief';
	import { recommend } from '$core/spec/recommend';
	import Recommendation from '$lib/stations/brief/Recommendation.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/stations/words';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import ChoiceField from '$lib/ui/ChoiceField.svelte';
	import { Entry } from '$lib/ui/entry.svelte';
	import MachinePicker from '$lib/stations/brief/MachinePicker.svelte';
	import QuantityField from '$lib/ui/QuantityField.svelte';
	import { Sender } from '$lib/ui/sender.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import YesNo from '$lib/ui/YesNo.svelte';

	let { data } = $props();
	const entry = new Entry({ fields: BRIEF_FIELDS, key: 'setup-new', draft: data.draft, start: { machineId: data.machine ?? undefined } });
	const sender = new Sender();
	$effect(() => entry.switchTo(entry.at('units') === 'inch' ? 'inch' : 'mm'));
	const v = $derived(entry.result.values as Record<string, never>);
	const machine = $derived(data.machines.find((m) => m.id === v.machineId) ?? null);
	const wish = $derived.by(() => {
		if (!v.material || !v.operation) return null;
		try {
			return recommend.run({ material: v.material, operation: v.operation, targetRaUm: v.targetRaUm, hardnessHrc: v.hardnessHrc, burnProne: v.burnProne ?? false, coolant: machine?.wet ?? true, wheelSpeedMps: machine ? Math.min(500, (Math.PI * machine.maxDiameterMm * machine.spindleRpm) / 60000) : null });
		} catch (e) { if (e instanceof InputFault) return null; throw e; }
	});
	async function start() {
		const done = await sender.submitEntry('/api/setups', entry);
		if (done) await goto(`/setups/${String(done.id)}`);
	}
</script>

<svelte:head><title>New setup - Uncinus</title></svelte:head>
<main class="page">
	<div class="head"><h1>New setup</h1><p class="lead">Tell the job. What it asks of a wheel appears as you go.</p></div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<div class="sheet form">
			<div class="grid">
				<div class="wide"><TextField {entry} name="part" autofocus /></div><QuantityField {entry} name="quantity" /><ChoiceField {entry} name="units" label="Numbers in" />
				<ChoiceField {entry} name="material" words={MATERIAL_WORDS} list /><QuantityField {entry} name="hardnessHrc" /><ChoiceField {entry} name="operation" label="Ground" words={OPERATION_WORDS} list /><QuantityField {entry} name="targetRaUm" />
				<QuantityField {entry} name="minWidthMm" /><YesNo {entry} name="burnProne" />
			</div>
			<MachinePicker {entry} machines={data.machines} />
			<ActionBar label="Start the setup" onact={start} busy={sender.busy}><span class="quiet">Route: toolroom. True on the machine, then balance, then dress.</span></ActionBar>
		</div>
		<aside class="sheet side" aria-label="The wheel this job asks for" aria-live="polite">
			<h2>The wheel this job asks for</h2>
			{#if wish}<Recommendation {wish} />{:else}<p class="quiet">Material and operation decide the first letters; finish decides the grit.</p>{/if}
		</aside>
	</div>
</main>

<style>
	.cols { display: grid; grid-template-columns: 1fr 330px; gap: 16px; align-items: start; } .form { padding: 16px 18px 0; display: grid; gap: 12px; } .side { padding: 16px 18px; display: grid; gap: 10px; }
	.grid { display: grid; grid-template-columns: repeat(4, 1fr); gap: 4px 16px; align-items: start; } .wide { grid-column: span 2; }
	@media (max-width: 1100px) { .cols { grid-template-columns: 1fr; } .grid { grid-template-columns: 1fr 1fr; } }
</style>
