<script lang="ts">
	import { type Field, labelOf } from '$core/calculation/fields';
	import { quantity } from '$core/quantity/format';
	import type { SetupFacts } from '$core/facts/setup';
	import { againStep, asksForAnother, differsIn, namedStep } from '$core/route/stations/brief/again';
	import type { BriefFacts } from '$core/route/stations/brief/steps';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/words';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The job told again: what differs, and what that takes with it. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, againStep, { anew: true, start: { ...desk.facts.brief } });
	const job = $derived(entry.result.fault ? null : (entry.result.values as BriefFacts));
	const different = $derived(job ? differsIn(facts.brief, job) : []);
	const another = $derived(job !== null && asksForAnother(facts.brief, job));
	const p = $derived(preview(another ? againStep : namedStep, facts, entry));
	const words: Record<string, string> = { ...MATERIAL_WORDS, ...OPERATION_WORDS };
	const shown = (field: Field, v: unknown, s: SetupFacts) =>
		v === null || v === undefined || v === ''
			? 'nothing'
			: typeof v === 'number'
				? quantity(v, 'unit' in field ? field.unit : undefined, s.units)
				: typeof v === 'boolean'
					? v
						? 'yes'
						: 'no'
					: (words[v as string] ?? String(v));
	async function keep() {
		if (await desk.record('brief', another ? 'again' : 'named', entry)) ondone();
	}
</script>

<div class="grid">
	{#each againStep.fields as field (field.name)}<FieldInput {entry} {field} {words} />{/each}
</div>
{#if job && different.length}<ul aria-label="What changes">
		{#each different as field (field.name)}<li>
				<b>{labelOf(field)}</b>
				{shown(field, facts.brief[field.name as keyof BriefFacts], facts)} becomes {shown(
					field,
					job[field.name as keyof BriefFacts],
					facts
				)}
			</li>{/each}
		{#if another && p.main}<li>The wheel it asks for: <b class="num">{p.main.marking}</b></li>{/if}
	</ul>
	{#if another && facts.wheel}<p class="warn">
			Wheel {facts.wheel.number} was chosen for the job as it was: Select is asked again. What was done with the
			wheel stays.
		</p>{/if}{/if}
<ActionBar forward label="Tell it so" onact={keep} busy={desk.busy} disabled={different.length === 0}>
	<button class="btn" onclick={ondone}>Leave it as it is</button>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
		gap: var(--s-8) var(--s-16);
		margin: var(--s-14) 0;
	}
	.warn {
		border-left: 4px solid var(--caution);
		background: var(--caution-soft);
		padding: var(--s-6) var(--s-12);
	}
</style>
