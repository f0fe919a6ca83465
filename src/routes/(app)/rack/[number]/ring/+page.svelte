<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import { tryOrNull } from '$core/calculation/attempt';
	import { all } from '$core/route/result';
	import { RING_FIELDS, contextOf, ringOf, ringStanding } from '$core/route/stations/inspect/ring';
	import { toneOf } from '$lib/drawing/polar';
	import { keepFor } from '$lib/stations/inspect/keeping';
	import { Listening } from '$lib/stations/inspect/listening.svelte';
	import RingForm from '$lib/stations/inspect/RingForm.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';

	let { data } = $props();
	const w = $derived(data.wheel);
	const entry = new Entry({ fields: RING_FIELDS, key: `ring-${data.wheel.number}`, draft: data.draft });
	const sender = new Sender();
	const context = $derived(contextOf(data.ring));
	const ears = new Listening(
		() => context.settings,
		`ring-rack-${data.wheel.number}`,
		keepFor(data.wheel.number, null)
	);
	const taps = $derived((entry.typed.taps ?? []) as string[]);
	const { earDone, dull } = $derived(ringStanding(data.ring, taps));
	const rung = $derived(tryOrNull(() => ringOf(data.ring, taps)));
	const doubt = $derived(!dull && earDone && rung?.main.output.mayProceed !== true);
	const tone = $derived(toneOf(w.family));
	const here = $derived(`/rack/${encodeURIComponent(w.number)}` as const);
	async function save() {
		if (
			await sender.submitEntry(`/api/wheels/${encodeURIComponent(w.number)}/inspections`, entry, {
				step: 'ring'
			})
		)
			await goto(resolve(here));
	}
</script>

<svelte:head><title>Ring wheel {w.number} - Uncinus</title></svelte:head>
<main class="page" style="--wheel-fill:{tone.light};--wheel-edge:{tone.edge};--wheel-ink:{tone.ink}">
	<p><a href={resolve(here)}>Wheel {w.number}</a></p>
	<h1>Ring wheel {w.number}</h1>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="sheet">
		{#if data.lookVerdict === null}<p class="lead">
				Look it over first: a cracked wheel is not struck. <a href={resolve(`${here}/look`)}>Look it over</a>
			</p>
		{:else if context.applicability === 'no'}<p class="lead">
				This wheel cannot be rung: {context.cannot}. Look at it closely each time, and run it in guarded.
			</p>
		{:else}
			<RingForm facts={data.ring} {entry} {ears} />
			<ActionBar
				label={dull ? 'Quarantine the wheel' : doubt ? 'Record it as doubtful' : 'Rung'}
				onact={save}
				busy={sender.busy || ears.busy}
				stop={dull}
				><a class="btn" href={resolve(`${here}/look`)}>Look it over again</a
				>{#snippet aside()}{#if earDone}<ShowWorking
							computed={rung ? all(rung) : []}
							system="mm"
						/>{/if}{/snippet}</ActionBar
			>
		{/if}
	</div>
</main>

<style>
	.sheet {
		padding: var(--s-12) var(--s-20) 0;
		margin-top: var(--s-12);
		max-width: 980px;
		min-height: 200px;
	}
</style>
