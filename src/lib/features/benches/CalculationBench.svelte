<script lang="ts">
	import { onDestroy, untrack, type Snippet } from 'svelte';
	import { page } from '$app/state';
	import { type Limits, inShop } from '$core/calculation/limits';
	import type { System } from '$core/quantity/parse';
	import type { Calculation } from '$core/calculation/define';
	import { attempt } from '$core/calculation/attempt';
	import { InputFault } from '$core/calculation/fault';
	import BenchButtons from './BenchButtons.svelte';
	import BenchPage from './BenchPage.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictLine from '$lib/ui/feedback/VerdictLine.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ResultList from './ResultList.svelte';
	import type { Reason } from '$core/calculation/verdict';
	import type { CalcAnswer } from '$core/answer';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
		/** Drawn from what is typed, its units, and what came out, if anything did. */
		drawing?: Snippet<[Record<string, unknown>, System, Record<string, unknown> | null]>;
		/** So much of it that it is computed off the page, when asked for. */
		long?: (values: Record<string, unknown>) => boolean;
		/** More keys, for what fills this bench. */
		keys?: Snippet<[Entry]>;
		/** Fields that are not asked for, by what is typed so far. */
		hidden?: (values: Record<string, unknown>) => readonly string[];
	}
	/** A calculation on its own: its fields as a form, its result as it is typed, its working. Nothing is recorded. */
	let { calculation, draft, drawing, keys, long = () => false, hidden = () => [] }: Props = $props();
	const c = untrack(() => calculation);
	/** A bench begins with the shop's own usual values. */
	const entry = new Entry({
		fields: inShop(
			c.fields,
			untrack(() => (page.data as { limits?: Limits }).limits ?? {})
		),
		key: `bench-${c.id}`,
		system: untrack(() => (page.data as { shop?: { units: System } }).shop?.units ?? 'mm'),
		draft: untrack(() => draft)
	});
	const away = $derived(hidden(entry.result.values));
	const usual = $derived(c.fields.filter((f) => !f.advanced && !away.includes(f.name)));
	const special = c.fields.filter((f) => f.advanced);
	/** What the worker answered, and to which numbers. */
	let worked = $state.raw<{ of: string; output: Record<string, unknown> | null } | null>(null);
	let computing = $state(false);
	let worker: Worker | null = null;
	onDestroy(() => worker?.terminate());
	function work() {
		const input = entry.result.values;
		worker ??= new Worker(new URL('../../workers/calc-runner.ts', import.meta.url), { type: 'module' });
		computing = true;
		worker.onmessage = ({ data }: MessageEvent<CalcAnswer>) => {
			computing = false;
			worked = { of: JSON.stringify(input), output: 'output' in data ? data.output : null };
		};
		worker.postMessage({ id: c.id, input: JSON.parse(JSON.stringify(input)) });
	}
	const heavy = $derived(c.heavy === true || long(entry.result.values));
	const answer = $derived.by(() => {
		if (entry.result.fault) return { fault: entry.result.fault, output: null };
		if (heavy)
			return {
				fault: new InputFault('', 'missing', 'This takes a few seconds. Compute it when the numbers are in.'),
				output: worked && worked.of === JSON.stringify(entry.result.values) ? worked.output : null
			};
		return attempt(() => c.run(entry.result.values, entry.system));
	});
	const verdict = $derived((answer.output?.verdict ?? null) as 'ok' | 'caution' | 'stop' | null);
	const started = $derived(Object.values(entry.touched).some(Boolean));
</script>

<BenchPage title={c.title} lead={c.about} columns="1fr minmax(340px, 0.8fr)">
	{#snippet left()}
		<div class="grid">
			{#each usual as field, i (field.name)}<FieldInput {entry} {field} autofocus={i === 0} />{/each}
		</div>
		{#if special.length}<details>
				<summary>Special cases</summary>
				<div class="grid">
					{#each special as field (field.name)}<FieldInput {entry} {field} />{/each}
				</div>
			</details>{/if}
		<BenchButtons {entry} example={() => entry.fill(c.example as Record<string, unknown>)}
			>{#if heavy}<button class="btn act" onclick={work} disabled={computing || !!entry.result.fault}
					>{computing ? 'Computing …' : 'Compute it'}</button
				>{/if}{@render keys?.(entry)}</BenchButtons
		>
	{/snippet}
	{#snippet right()}
		{@render drawing?.(entry.result.values, entry.system, answer.output)}
		{#if answer.output}
			{#if verdict}<VerdictLine {verdict} />{/if}
			<Reasons reasons={(answer.output.reasons ?? []) as Reason[]} most={8} />
			<ResultList outputs={c.outputs} output={answer.output} system={entry.system} />
			<ShowWorking
				computed={[{ calculation: c.id, input: entry.result.values, output: answer.output }]}
				system={entry.system}
			/>
		{:else}
			<h2>{started ? 'Not yet' : 'Waiting for numbers'}</h2>
			<p class:fault={started && answer.fault?.code !== 'missing'}>{answer.fault?.message}</p>
		{/if}
	{/snippet}
</BenchPage>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
		gap: var(--s-6) var(--s-16);
		align-items: start;
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 30px;
	}
</style>
