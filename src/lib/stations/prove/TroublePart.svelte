<script lang="ts">
	import { untrack } from 'svelte';
	import {
		daysSinceDress,
		keepTroubleStep,
		knownFacts,
		proveTroubleStep
	} from '$core/route/stations/keep/trouble';
	import { FACTS, SYMPTOMS } from '$core/prove/shop-points';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChipsField from '$lib/ui/fields/ChipsField.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { when } from '$lib/words';
	import ChatterRuler from './ChatterRuler.svelte';
	import SuspectList from './SuspectList.svelte';
	import { CAUSE_WORDS, FACT_WORDS, SYMPTOM_WORDS } from './trouble-words';

	interface Props {
		desk: SetupSession;
		ondone?: () => void;
	}
	/** Something is not as it should be: what is seen, what is known, the likely causes, and what to do next. */
	let { desk, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const step = untrack(() => (desk.facts.state === 'under-way' ? proveTroubleStep : keepTroubleStep));
	const known = $derived(knownFacts(f));
	const entry = stepEntry(desk, step, {
		anew: true,
		start: { symptoms: [], facts: untrack(() => knownFacts(desk.facts)) }
	});
	const p = $derived(preview(step, f, entry));
	const list = (name: 'symptoms' | 'facts') => (entry.at(name) ?? []) as string[];
	const toggle = (name: 'symptoms' | 'facts') => (id: string) =>
		entry.set(name, list(name).includes(id) ? list(name).filter((x) => x !== id) : [...list(name), id]);
	/** Known ones first, the others beneath. */
	const facts = $derived(
		[...FACTS]
			.sort((a, b) => Number(known.includes(b)) - Number(known.includes(a)))
			.map((id) => ({ id, text: FACT_WORDS[id], known: known.includes(id) }))
	);
	/** How long ago the wheel was dressed, and what it has ground since. */
	const dressed = $derived.by(() => {
		const days = daysSinceDress(f);
		if (days === null) return '';
		const { partsSinceDress: n } = f.sums;
		const ago = days < 1 ? 'less than a day ago' : days < 2 ? 'a day ago' : `${Math.floor(days)} days ago`;
		return `Dressed ${ago}, ${n} ${n === 1 ? 'part' : 'parts'} ground since.`;
	});
	const before = $derived(desk.helped);
	async function keep() {
		if (await desk.record(step.station, step.step, entry)) ondone?.();
	}
	/** What the marks on the work say goes into what is known. */
	function fromMarks(atWheel: boolean) {
		const rest = list('facts').filter((x) => x !== 'marks-at-wheel-rpm' && x !== 'marks-not-at-wheel-rpm');
		entry.set('facts', [...rest, atWheel ? 'marks-at-wheel-rpm' : 'marks-not-at-wheel-rpm']);
	}
</script>

<div class="cols">
	<div class="form">
		<ChipsField
			legend="What is seen or heard"
			choices={SYMPTOMS.map((id) => ({ id, text: SYMPTOM_WORDS[id] }))}
			picked={list('symptoms')}
			ontoggle={toggle('symptoms')}
		/>
		{#if list('symptoms').includes('chatter')}<ChatterRuler {desk} onfound={fromMarks} />{/if}
		{#if dressed}<p class="quiet">{dressed}</p>{/if}
		<ChipsField legend="What is known" choices={facts} picked={list('facts')} ontoggle={toggle('facts')} />
	</div>
	<div class="side">
		{#if p.main?.nextAction}
			<p class="lab">Do this next</p>
			<p class="next" role="status">{p.main.nextAction}</p>
			<Reasons reasons={p.main.reasons} />
			<SuspectList causes={p.main.causes} />
		{:else}<p class="quiet">Touch what is seen; causes stand here, ranked, with what speaks for each.</p>{/if}
		{#if before.length}<h3>Helped before here</h3>
			<ul>
				{#each before as b (b.cause)}<li>
						<b>{CAUSE_WORDS[b.cause]}</b>{b.note ? `: ${b.note}` : ''}<small>{b.by}, {when(b.atMs)}</small>
					</li>{/each}
			</ul>{/if}
		{#if p.main}<ChoiceField
				{entry}
				name="helped"
				label="What it was, once it is cured"
				words={CAUSE_WORDS}
				list
			/>
			<TextField {entry} name="note" />{/if}
	</div>
</div>
<ActionBar
	label={entry.at('helped') ? 'That helped: keep it' : 'Keep this search'}
	onact={keep}
	busy={desk.busy}
	disabled={!p.main}
	>{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}</ActionBar
>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 320px;
		gap: var(--s-20);
		margin: var(--s-10) 0;
		align-items: start;
	}
	.form,
	.side {
		display: grid;
		gap: var(--s-14);
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.next {
		font-size: var(--type-title);
		font-weight: 650;
		line-height: 1.25;
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		border-bottom: 1px solid var(--rule);
		padding: var(--s-4) 0;
	}
	li small {
		display: block;
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
