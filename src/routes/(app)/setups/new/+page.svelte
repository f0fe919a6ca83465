<script lang="ts">
	import { untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import type { System } from '$core/quantity/parse';
	import { tryOrNull } from '$core/calculation/attempt';
	import { checkInput } from '$core/calculation/check';
	import { BRIEF_FIELDS, type Job, adviseFor } from '$core/route/stations/brief/steps';
	import { outputOf } from '$core/route/result';
	import { without } from '$core/route/step-fields';
	import { contact } from '$core/spec/contact';
	import Recommendation from '$lib/stations/brief/Recommendation.svelte';
	import MaterialFinder from '$lib/stations/brief/MaterialFinder.svelte';
	import { OPERATION_WORDS } from '$lib/words';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import { asTyped } from '$lib/ui/fields/typed';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import MachinePicker from '$lib/stations/brief/MachinePicker.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	let { data } = $props();
	/** What the advice needs; the rest may still be empty. */
	const JOB = without(BRIEF_FIELDS, 'part', 'quantity', 'machineId', 'units').map((f) =>
		f.name === 'targetRaUm' ? { ...f, required: false } : f
	);
	const USUAL: Record<string, string> = {
		bench: 'bench-grinder',
		internal: 'glued-internal',
		lathe: 'lathe-tool-post'
	};
	const usualFor = (m: { kind: string } | null | undefined) =>
		(m && data.routes.find((r) => r.code === USUAL[m.kind])) ?? null;
	const asked = untrack(() => data.machines.find((m) => m.id === data.machine) ?? null);
	const askedRoute = untrack(() => data.routes.find((r) => r.code === data.route) ?? usualFor(asked));
	const entry = new Entry({
		fields: BRIEF_FIELDS,
		key: 'setup-new',
		draft: data.draft,
		start: { units: data.shop.units }
	});
	// The job of another setup comes before what was typed here and left.
	const job = untrack(() => data.job as (Record<string, unknown> & { units: System }) | null);
	if (job) {
		entry.set('units', job.units);
		entry.switchTo(job.units);
		for (const field of BRIEF_FIELDS)
			if (job[field.name] !== undefined && job[field.name] !== null)
				entry.set(field.name, asTyped(field, job[field.name], job.units));
	}
	// The address says which machine and route; what was typed of the job before stays.
	if (asked) entry.set('machineId', String(asked.id));
	if (askedRoute) entry.set('route', askedRoute.code);
	const sender = new Sender();
	$effect(() => entry.switchTo(entry.at('units') === 'inch' ? 'inch' : 'mm'));
	const v = $derived(entry.result.values);
	const machine = $derived(data.machines.find((m) => m.id === v.machineId) ?? null);
	const route = $derived(data.routes.find((r) => r.code === (entry.at('route') || 'toolroom')));
	const usual = $derived(usualFor(machine));
	const advice = $derived.by(() => {
		if (!v.material || !v.operation) return null;
		// Without a finish the advice is given for the usual one.
		return tryOrNull(() => adviseFor(checkInput(JOB, v) as Job, machine, data.guidelines));
	});
	const wish = $derived(advice?.main.output);
	const cut = $derived(outputOf(advice, contact));
	async function start() {
		const done = await sender.submitEntry('/api/setups', entry);
		if (done) await goto(resolve(`/setups/${String(done.id)}`));
	}
</script>

<svelte:head><title>New setup - Uncinus</title></svelte:head>
<main class="page">
	<div class="head">
		<h1>New setup</h1>
		<p class="lead">Tell the job. What it asks of a wheel appears as you go.</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<div class="sheet form">
			<div class="grid">
				<div class="wide"><TextField {entry} name="part" autofocus /></div>
				<QuantityField {entry} name="quantity" /><ChoiceField {entry} name="units" label="Numbers in" />
				<MaterialFinder {entry} /><QuantityField {entry} name="hardnessHrc" /><ChoiceField
					{entry}
					name="operation"
					label="Ground"
					words={OPERATION_WORDS}
					list
				/><QuantityField {entry} name="targetRaUm" />
				<QuantityField {entry} name="minWidthMm" /><YesNo {entry} name="burnProne" /><YesNo
					{entry}
					name="interrupted"
				/>
			</div>
			<details>
				<summary>The cut, if it is known</summary>
				<div class="grid">
					<QuantityField {entry} name="workDiameterMm" /><QuantityField
						{entry}
						name="stockMm"
					/><QuantityField {entry} name="depthUm" /><QuantityField {entry} name="workSpeedMps" />
					<div class="wide"><ChoiceField {entry} name="contactArea" /></div>
				</div>
			</details>
			<MachinePicker {entry} machines={data.machines} />
			<ActionBar label="Start the setup" onact={start} busy={sender.busy}
				><label class="route"
					>Route <select
						class="plain-input"
						value={String(entry.at('route') ?? 'toolroom')}
						onchange={(e) => entry.set('route', e.currentTarget.value)}
						>{#each data.routes as r (r.code)}<option value={r.code}>{r.name}</option>{/each}</select
					></label
				><span class="quiet why"
					>{route?.why}{usual && usual.code !== route?.code
						? ` For this machine ${usual.name} is usual.`
						: ''}</span
				></ActionBar
			>
		</div>
		<aside class="sheet side" aria-label="The wheel this job asks for" aria-live="polite">
			<h2>The wheel this job asks for</h2>
			{#if wish}<Recommendation
					{wish}
					{cut}
					burnProne={v.burnProne === true}
					finish={v.targetRaUm ?? null}
					units={entry.system}
					stockMm={v.stockMm ?? null}
				/>{:else}<p class="quiet">
					Material and operation decide the first letters; finish decides the grit.
				</p>{/if}
		</aside>
	</div>
</main>

<style>
	.route {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		font-weight: 600;
	}
	.why {
		/* All the width the button and the choice leave. */
		flex: 99 1 220px;
	}
	.cols {
		display: grid;
		grid-template-columns: 1fr 330px;
		gap: var(--s-16);
		align-items: start;
	}
	.form {
		padding: var(--s-16) var(--s-16) 0;
		display: grid;
		gap: var(--s-12);
	}
	.side {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-10);
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		font-weight: 600;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(4, 1fr);
		gap: var(--s-4) var(--s-16);
		align-items: start;
	}
	.wide {
		grid-column: span 2;
	}
	@media (max-width: 1100px) {
		.cols {
			grid-template-columns: 1fr;
		}
		.grid {
			grid-template-columns: 1fr 1fr;
		}
	}
</style>
