<script lang="ts">
	import { resolve } from '$app/paths';
	import { tryOrNull } from '$core/calculation/attempt';
	import { Evidence } from '$core/route/evidence';
	import { diagnoseStep, dressInUse } from '$core/route/stations/prove/steps';
	import { F_GRITS } from '$core/spec/grit-tables';
	import FinishDiagnosis from '$lib/features/finish/FinishDiagnosis.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry;
	}
	/** Burn, chatter or a rough finish was reported: which is at fault, the grit or the dress on this very wheel. */
	let { desk, entry }: Props = $props();
	/** The dress this wheel has; null for a grit the diagnosis has no table for. */
	const dress = $derived.by(() => {
		const d = tryOrNull(() => dressInUse(desk.facts));
		return d && F_GRITS.has(d.gritNumber) ? d : null;
	});
	/** What this dress has, for the bench to start with. */
	const figures = $derived(
		new URLSearchParams(
			Object.entries(dress ?? {})
				.filter(([, v]) => v !== null)
				.map(([k, v]) => [k, String(Number(Number(v).toPrecision(6)))])
		).toString()
	);
	const kept = $derived(Evidence.of(desk.facts).step(diagnoseStep));
</script>

<section aria-label="Wrong grit or wrong dress?">
	<h2>Wrong grit or wrong dress?</h2>
	{#if dress}<FinishDiagnosis
			dress={{ ...dress, measuredRaUm: entry.result.values.raUm as number | undefined }}
			rpm={desk.facts.machine.spindleRpm}
		/>{:else}<p>This wheel's grit or dress is not known here.</p>{/if}
	<div class="row">
		{#if dress}<button
				class="btn"
				disabled={desk.busy}
				onclick={() =>
					desk.record('prove', 'diagnose', null, {
						raUm: entry.result.values.raUm ?? null,
						burnSeen: entry.at('burnSeen'),
						chatterSeen: entry.at('chatterSeen')
					})}>Keep this diagnosis</button
			>{/if}
		<a class="btn" href={resolve(`/setups/${desk.facts.id}/dress`)}>Dress again</a><a
			class="btn"
			href={resolve(`/benches/spec.diagnose-finish?${figures}`)}>Try other figures</a
		>{#if kept}<span class="quiet">kept as <a href={resolve(`/log/${kept.id}`)}>record {kept.id}</a></span
			>{/if}
	</div>
</section>

<style>
	section {
		border-top: 3px solid var(--ink);
		padding: var(--s-12) 0;
		display: grid;
		gap: var(--s-10);
	}
	.row {
		display: flex;
		gap: var(--s-10);
		flex-wrap: wrap;
		align-items: center;
	}
</style>
