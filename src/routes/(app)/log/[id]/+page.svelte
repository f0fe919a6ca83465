<script lang="ts">
	import { resolve } from '$app/paths';
	import { CALCULATIONS, CORE_VERSION } from '$core/calculations';
	import { STATION_NAMES } from '$core/route/station-names';
	import type { Reason } from '$core/calculation/verdict';
	import AsItWas from '$lib/features/log/AsItWas.svelte';
	import { when } from '$lib/words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';

	let { data } = $props();
	const r = $derived(data.record);
	const c = $derived(CALCULATIONS.find((x) => x.id === r.calculation));
</script>

<svelte:head><title>Record {r.id} - Uncinus</title></svelte:head>
<main class="page">
	<p class="back"><a href={resolve('/log')}>Log</a></p>
	<div class="head">
		<h1>Record {r.id}</h1>
		<p class="st"><VerdictMark state={r.verdict} label="" />{r.verdict}</p>
	</div>
	<p class="lead">
		{STATION_NAMES[r.station] ?? r.station}, {r.step}, by {r.by}, {when(r.atMs)}. {#if r.setupId}<a
				href={resolve(`/setups/${r.setupId}`)}>Setup {r.setupId}, {r.part}</a
			>, {r.machine}{:else}At the rack{/if}{#if r.wheel}, wheel <a
				href={resolve(`/rack/${encodeURIComponent(r.wheel)}`)}>{r.wheel}</a
			>{/if}.{#if r.replacesId}
			Replaces <a href={resolve(`/log/${r.replacesId}`)}>record {r.replacesId}</a>.{/if}
	</p>
	{#if r.enteredAtMs !== null}<p class="accepted">
			<b
				>{r.enteredCanBe
					? `Entered ${when(r.enteredAtMs)}, without the network;`
					: `Entered at ${when(r.enteredAtMs)}, by the browser's clock, which cannot be right;`}</b
			> it was taken here when it came.
		</p>{/if}
	{#if data.basis}<p class="quiet">Rests on: {data.basis}.</p>{/if}
	{#if r.overrideReason}<p class="accepted"><b>Accepted with a reason:</b> {r.overrideReason}</p>{/if}
	<Reasons reasons={(r.output.reasons ?? []) as Reason[]} most={12} />
	{#if data.pictures.length}<div class="pics">
			{#each data.pictures as p, i (p.id)}<a href={resolve(`/api/pictures/${p.id}`)} target="_blank"
					><img src="/api/pictures/{p.id}?small" alt="Picture {i + 1} of this record" /></a
				>{/each}
		</div>{/if}
	{#if typeof r.input.recordingId === 'number'}<p>
			<a href={resolve(`/api/recordings/${r.input.recordingId}`)} download>The recording as WAV</a>
		</p>{/if}
	{#if data.then}<AsItWas then={data.then} />{/if}
	{#if !r.readable}<p class="accepted">
			<b>This record cannot be read as it was kept.</b> It stays where it is and proves nothing; its step has to
			be recorded again.
		</p>
	{:else if c}<WorkingSheet
			calculation={c}
			input={r.input}
			output={r.output}
			version={r.coreVersion}
		/>{:else}<p class="quiet">{r.calculation} is not computed here any more.</p>{/if}
	{#if r.coreVersion !== CORE_VERSION}<p class="quiet">
			Computed by core {r.coreVersion}; this shop now runs {CORE_VERSION}. The record keeps what was computed
			then.
		</p>{/if}
	<details>
		<summary>As it is kept</summary>
		<pre class="num">{JSON.stringify({ entered: r.entered, input: r.input, output: r.output }, null, 1)}</pre>
	</details>
</main>

<style>
	.pics {
		display: flex;
		gap: var(--s-6);
	}
	.pics img {
		height: 90px;
		display: block;
		border: 1px solid var(--rule);
	}
	main {
		display: grid;
		gap: var(--s-12);
		max-width: 1000px;
	}
	.head {
		margin: 0;
	}
	.st {
		display: inline-flex;
		gap: var(--s-8);
		align-items: center;
		font-weight: 600;
	}
	.accepted {
		background: var(--caution-soft);
		padding: var(--s-8) var(--s-12);
	}
	pre {
		overflow: auto;
		max-height: 420px;
		background: var(--well);
		padding: var(--s-12);
		font-size: var(--type-fine);
	}
	summary {
		cursor: pointer;
		min-height: 30px;
	}
</style>
