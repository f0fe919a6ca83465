<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { LOOK_FIELDS, lookOf } from '$core/route/stations/inspect/look';
	import { completed } from '$core/calculation/complete';
	import { tryOrNull } from '$core/calculation/attempt';
	import { all } from '$core/route/result';
	import { toneOf } from '$lib/drawing/polar';
	import LookForm from '$lib/stations/inspect/LookForm.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';

	let { data } = $props();
	const w = $derived(data.wheel);
	const entry = new Entry({
		fields: LOOK_FIELDS,
		key: `look-${data.wheel.number}`,
		draft: data.draft,
		start: { chips: data.chips }
	});
	const sender = new Sender();
	const looked = $derived(
		tryOrNull(() => lookOf(w, data.today, completed(LOOK_FIELDS, entry.result.values), data.limits))
	);
	const out = $derived(looked?.main.output ?? null);
	const stop = $derived(out?.verdict === 'stop');
	const tone = $derived(toneOf(w.family));
	async function save() {
		const done = await sender.submitEntry(`/api/wheels/${encodeURIComponent(w.number)}/inspections`, entry, {
			step: 'look'
		});
		if (done) await goto(resolve(`/rack/${encodeURIComponent(w.number)}${stop ? '' : '/ring'}`));
	}
</script>

<svelte:head><title>Look at wheel {w.number} - Uncinus</title></svelte:head>
<main class="page" style="--wheel-fill:{tone.light};--wheel-edge:{tone.edge};--wheel-ink:{tone.ink}">
	<p><a href={resolve(`/rack/${encodeURIComponent(w.number)}`)}>Wheel {w.number}</a></p>
	<h1>Look wheel {w.number} over</h1>
	<p class="lead">Both faces, rim, bore and label, on wood or rubber. A wheel that fell is finished.</p>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="sheet">
		<LookForm {entry} wheel={w} place="wheel-{w.number}" />
		{#if out}<Reasons reasons={out.reasons} />{/if}
		<ActionBar
			label={stop ? 'Quarantine the wheel' : 'Looked over, on to the ring'}
			onact={save}
			busy={sender.busy}
			{stop}
			>{#snippet aside()}<ShowWorking computed={looked ? all(looked) : []} system="mm" />{/snippet}</ActionBar
		>
	</div>
</main>

<style>
	.sheet {
		padding: var(--s-8) var(--s-20) 0;
		margin-top: var(--s-12);
		max-width: 980px;
	}
</style>
