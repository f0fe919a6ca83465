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
	const facts = $derived(desk.facts);
	let again = $state(false);
	const told = $derived(Evidence.of(facts).newest('brief', TOLD));
	const wish = $derived(requiredSpec(facts));
	const cut = $derived(partOf(told, contact)?.output ?? null);
	const lines = $derived([
		['Part', `${facts.brief.part}, ${facts.brief.quantity} off`],
		[
			'Material',
			`${MATERIAL_WORDS[facts.brief.material] ?? facts.brief.material}${facts.brief.hardnessHrc === null ? '' : `, ${facts.brief.hardnessHrc} HRC`}`
		],
		['Ground', OPERATION_WORDS[facts.brief.operation] ?? facts.brief.operation],
		['Finish', `Ra ${quantity(facts.brief.targetRaUm, 'um-Ra', facts.units)}`],
		['Burns easily', facts.brief.burnProne ? 'yes' : 'no'],
		['Interrupted', facts.brief.interrupted ? 'yes' : 'no'],
		['Machine', `${facts.machine.code} ${facts.machine.name}, ${quantity(facts.machine.spindleRpm, 'rpm')}`],
		['Route', facts.routeName]
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
				burnProne={facts.brief.burnProne}
				units={facts.units}
				finish={facts.brief.targetRaUm}
				stockMm={facts.brief.stockMm}
			/>
		</section>
	</div>
	<ActionBar forward label="Choose the wheel" onact={() => desk.onward()}>
		{#if facts.state !== 'finished' && facts.state !== 'released'}<a
				class="btn"
				href={resolve(`/setups/new?from=${facts.id}`)}>The same job on another machine</a
			><a class="btn" href={resolve(`/setups/${facts.id}/give-up`)}>Give this setup up</a>{/if}
		{#if facts.state === 'under-way'}<button class="btn" onclick={() => (again = true)}>Tell it again</button
			>{/if}
		{#snippet aside()}{#if told}<ShowWorking computed={told.parts} system={facts.units} />{/if}{/snippet}
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
