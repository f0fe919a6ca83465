<script lang="ts">
	import { resolve } from '$app/paths';
	import { mmPerMin, over0, rpm } from '$core/calculation/field';
	import { type ComponentProps, untrack } from 'svelte';
	import { page } from '$app/state';
	import { InputFault } from '$core/calculation/fault';
	import type { Field } from '$core/calculation/fields';
	import { diagnoseFinish } from '$core/spec/diagnose-finish';
	import { CORE_VERSION } from '$core/version';
	import FinishDiagnosis from '$lib/features/finish/FinishDiagnosis.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import WorkingSheet from '$lib/ui/feedback/WorkingSheet.svelte';
	interface Props {
		draft: Record<string, unknown> | null;
	}
	/** Wrong grit or wrong dress, on its own: enter the job and the dress in use. */
	let { draft }: Props = $props();
	const TRAVERSE = [
		mmPerMin('traverseMmPerMin', 'Table speed while dressing', { ...over0(20000), label: 'or traverse' }),
		rpm('speedRpm', 'Spindle speed', { ...over0(500000), label: 'at' })
	] as const satisfies readonly Field[];
	const usual: Field[] = diagnoseFinish.fields
		.filter((f) => !('advanced' in f))
		.map((f) => (f.name === 'leadUm' ? { ...f, required: false } : f));
	const entry = new Entry({
		fields: [...usual, ...TRAVERSE],
		key: 'bench-spec.diagnose-finish',
		draft: untrack(() => draft)
	});
	const given = [...page.url.searchParams].filter(([k, v]) => usual.some((f) => f.name === k) && v !== '');
	if (given.length) entry.fill(Object.fromEntries(given.map(([k, v]) => [k, Number(v)])));
	const v = $derived(entry.result.values as Record<string, number>);
	const lead = $derived(
		v.leadUm ?? (v.traverseMmPerMin && v.speedRpm ? (1000 * v.traverseMmPerMin) / v.speedRpm : undefined)
	);
	const input = $derived({
		...Object.fromEntries(usual.map((f) => [f.name, v[f.name]])),
		leadUm: lead,
		flatWidthUm: v.flatWidthUm ?? 0
	});
	const answer = $derived.by(() => {
		if (entry.result.fault) return { fault: entry.result.fault, output: null };
		try {
			return { fault: null, output: diagnoseFinish.run(input) };
		} catch (e) {
			if (e instanceof InputFault) return { fault: e, output: null };
			throw e;
		}
	});
	/** Lead and traverse say the same thing: what is typed last counts, the other makes way. */
	function lastSaid(name: string): void {
		if (name === 'traverseMmPerMin' || name === 'speedRpm') entry.set('leadUm', '');
		if (name === 'leadUm') entry.set('traverseMmPerMin', '');
	}
	/** Shown only once the calculation has taken it, so nothing of it is missing. */
	type Dress = ComponentProps<typeof FinishDiagnosis>['dress'];
	let working = $state(false);
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>Wrong grit or wrong dress?</h1>
	<p class="lead">Burn, chatter or the wrong finish: which of the two is at fault, and what to change.</p>
</div>
<div class="cols">
	<section class="sheet form" aria-label="What goes in">
		{#each [...usual, ...TRAVERSE] as field, i (field.name)}<div oninputcapture={() => lastSaid(field.name)}>
				<FieldInput {entry} {field} autofocus={i === 0} />
			</div>{/each}
		<div class="row">
			<button class="btn" onclick={() => entry.fill({ ...diagnoseFinish.example, flatWidthUm: 0 })}
				>Fill in an example</button
			><button
				class="btn"
				aria-pressed={entry.system === 'inch'}
				onclick={() => entry.switchTo(entry.system === 'mm' ? 'inch' : 'mm')}
				>{entry.system === 'mm' ? 'Inches' : 'Millimetres'}</button
			>
		</div>
	</section>
	<section class="sheet" aria-label="Result" aria-live="polite">
		{#if answer.output}<FinishDiagnosis dress={input as Dress} rpm={v.speedRpm ?? null} />
			<button class="link" aria-expanded={working} onclick={() => (working = !working)}
				>{working ? 'Hide the working' : 'Show the working'}</button
			>
			{#if working}<WorkingSheet
					calculation={diagnoseFinish}
					{input}
					output={answer.output}
					version={CORE_VERSION}
					system={entry.system}
				/>{/if}
		{:else}<h2>Waiting for numbers</h2>
			<p>{answer.fault?.message}</p>{/if}
	</section>
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		display: grid;
		grid-template-columns: 340px 1fr;
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		gap: var(--s-10);
		min-width: 0;
	}
	.form {
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	.row {
		grid-column: 1 / -1;
	}
	.row {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		margin-top: var(--s-8);
	}
	.link {
		justify-self: start;
	}
	@media (max-width: 900px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
