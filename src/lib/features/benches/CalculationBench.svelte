<script lang="ts">
	import { resolve } from '$app/paths';
	import { onDestroy, untrack, type Snippet } from 'svelte';
	import { page } from '$app/state';
	import { type Limits, inShop } from '$core/calculation/limits';
	import type { System } from '$core/quantity/parse';
	import type { Calculation } from '$core/calculation/define';
	import { InputFault } from '$core/calculation/fault';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';
	import ResultList from './ResultList.svelte';
	import type { Reason } from '$core/calculation/verdict';
	import { CORE_VERSION, type CalcAnswer } from '$core/calculations';

	interface Props {
		calculation: Calculation;
		draft: Record<string, unknown> | null;
		drawing?: Snippet<[Record<string, unknown>, System]>;
	}
	/** A calculation on its own: its fields as a form, its result as it is typed, its working. Nothing is recorded. */
	let { calculation, draft, drawing }: Props = $props();
	const c = untrack(() => calculation);
	/** A bench begins with the shop's own usual values. */
	const entry = new Entry({
		fields: inShop(
			c.fields,
			untrack(() => (page.data as { limits?: Limits }).limits ?? {})
		),
		key: `bench-${c.id}`,
		draft: untrack(() => draft)
	});
	const usual = c.fields.filter((f) => !f.advanced);
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
	const answer = $derived.by(() => {
		if (entry.result.fault) return { fault: entry.result.fault, output: null };
		if (c.heavy)
			return {
				fault: new InputFault('', 'missing', 'This takes a few seconds. Compute it when the numbers are in.'),
				output: worked && worked.of === JSON.stringify(entry.result.values) ? worked.output : null
			};
		try {
			return { fault: null, output: c.run(entry.result.values) };
		} catch (e) {
			if (e instanceof InputFault) return { fault: e, output: null };
			throw e;
		}
	});
	const verdict = $derived((answer.output?.verdict ?? null) as 'ok' | 'caution' | 'stop' | null);
	const words = { ok: 'Good', caution: 'With care', stop: 'Stop' };
	let working = $state(false);
	const started = $derived(Object.values(entry.touched).some(Boolean));
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>{c.title}</h1>
	<p class="lead">{c.about}</p>
</div>
<div class="cols">
	<section class="sheet" aria-label="What goes in">
		<div class="grid">
			{#each usual as field, i (field.name)}<FieldInput {entry} {field} autofocus={i === 0} />{/each}
		</div>
		{#if special.length}<details>
				<summary>Special cases</summary>
				<div class="grid">
					{#each special as field (field.name)}<FieldInput {entry} {field} />{/each}
				</div>
			</details>{/if}
		<div class="row">
			{#if c.heavy}<button class="btn act" onclick={work} disabled={computing || !!entry.result.fault}
					>{computing ? 'Computing …' : 'Compute it'}</button
				>{/if}<button class="btn" onclick={() => entry.fill(c.example as Record<string, unknown>)}
				>Fill in an example</button
			><button class="btn" onclick={() => entry.fill({})}>Empty it</button>
			<button
				class="btn"
				aria-pressed={entry.system === 'inch'}
				onclick={() => entry.switchTo(entry.system === 'mm' ? 'inch' : 'mm')}
				>{entry.system === 'mm' ? 'Inches' : 'Millimetres'}</button
			>
		</div>
	</section>
	<section class="sheet result" aria-label="Result" aria-live="polite">
		{@render drawing?.(entry.result.values, entry.system)}
		{#if answer.output}
			{#if verdict}<p class="verdict {verdict}">
					<VerdictMark state={verdict} size={26} />{words[verdict]}
				</p>{/if}
			<Reasons reasons={(answer.output.reasons ?? []) as Reason[]} most={8} />
			<ResultList outputs={c.outputs} output={answer.output} system={entry.system} />
			<button class="link" aria-expanded={working} onclick={() => (working = !working)}
				>{working ? 'Hide the working' : 'Show the working'}</button
			>
			{#if working}<WorkingSheet
					calculation={c}
					input={entry.result.values}
					output={answer.output}
					version={CORE_VERSION}
					system={entry.system}
				/>{/if}
		{:else}
			<h2>{started ? 'Not yet' : 'Waiting for numbers'}</h2>
			<p class:fault={started && answer.fault?.code !== 'missing'}>{answer.fault?.message}</p>
		{/if}
	</section>
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		display: grid;
		grid-template-columns: 1fr minmax(340px, 0.8fr);
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-12);
		min-width: 0;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
		gap: var(--s-6) var(--s-16);
		align-items: start;
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
	}
	.result {
		position: sticky;
		top: 12px;
	}
	.verdict {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		font: 700 var(--type-title) var(--text);
	}
	.verdict.stop {
		color: var(--stop);
	}
	.verdict.caution {
		color: var(--caution);
	}
	.verdict.ok {
		color: var(--ok);
	}
	.link {
		justify-self: start;
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 30px;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
		.result {
			position: static;
		}
	}
</style>
