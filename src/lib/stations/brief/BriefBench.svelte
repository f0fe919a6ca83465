<script lang="ts">
	import { resolve } from '$app/paths';
	import { quantity } from '$core/quantity/format';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { Evidence, partOf } from '$core/route/evidence';
	import { TOLD, requiredSpec } from '$core/route/stations/brief/steps';
	import { contact } from '$core/spec/contact';
	import BriefAgain from './BriefAgain.svelte';
	import Recommendation from './Recommendation.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/words';

	interface Props {
		desk: SetupSession;
	}
	let { desk }: Props = $props();
	const f = $derived(desk.facts);
	let again = $state(false);
	const told = $derived(Evidence.of(f).newest('brief', TOLD));
	const wish = $derived(requiredSpec(f));
	const cut = $derived(partOf(told, contact)?.output ?? null);
	const lines = $derived([
		['Part', `${f.brief.part}, ${f.brief.quantity} off`],
		[
			'Material',
			`${MATERIAL_WORDS[f.brief.material] ?? f.brief.material}${f.brief.hardnessHrc === null ? '' : `, ${f.brief.hardnessHrc} HRC`}`
		],
		['Ground', OPERATION_WORDS[f.brief.operation] ?? f.brief.operation],
		['Finish', `Ra ${quantity(f.brief.targetRaUm, 'um-Ra', f.units)}`],
		['Burns easily', f.brief.burnProne ? 'yes' : 'no'],
		['Interrupted', f.brief.interrupted ? 'yes' : 'no'],
		['Machine', `${f.machine.code} ${f.machine.name}, ${quantity(f.machine.spindleRpm, 'rpm')}`],
		['Route', f.routeName]
	] as const);
</script>

<h1>Brief</h1>
<p class="lead">The job as it was told, and the wheel it asks for.</p>
{#if again}<BriefAgain {desk} ondone={() => (again = false)} />
{:else}
	<div class="cols">
		<dl>
			{#each lines as [k, v] (k)}<div>
					<dt>{k}</dt>
					<dd>{v}</dd>
				</div>{/each}
		</dl>
		<section>
			<h2>First choice</h2>
			<Recommendation
				{wish}
				{cut}
				burnProne={f.brief.burnProne}
				units={f.units}
				finish={f.brief.targetRaUm}
				stockMm={f.brief.stockMm}
			/>
		</section>
	</div>
	<ActionBar forward label="Choose the wheel" onact={() => desk.onward()}>
		{#if f.state !== 'finished' && f.state !== 'released'}<a
				class="btn"
				href={resolve(`/setups/new?from=${f.id}`)}>The same job on another machine</a
			><a class="btn" href={resolve(`/setups/${f.id}/give-up`)}>Give this setup up</a>{/if}
		{#if f.state === 'under-way'}<button class="btn" onclick={() => (again = true)}>Tell it again</button
			>{/if}
		{#snippet aside()}{#if told}<ShowWorking computed={told.parts} system={f.units} />{/if}{/snippet}
	</ActionBar>
{/if}

<style>
	.cols {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-28);
		margin: var(--s-16) 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 110px 1fr;
		border-bottom: 1px solid var(--rule);
		padding: var(--s-8) 0;
	}
	dt {
		color: var(--ink2);
	}
	dd {
		font-weight: 600;
	}
	section {
		display: grid;
		align-content: start;
		gap: var(--s-4);
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
