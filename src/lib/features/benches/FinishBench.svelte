<script lang="ts">
	import { mmPerMin, over0, rpm } from '$core/calculation/field';
	import { type ComponentProps, untrack } from 'svelte';
	import { page } from '$app/state';
	import { attempt } from '$core/calculation/attempt';
	import type { Field } from '$core/calculation/fields';
	import { diagnoseFinish } from '$core/spec/diagnose-finish';
	import FinishDiagnosis from '$lib/features/finish/FinishDiagnosis.svelte';
	import BenchButtons from './BenchButtons.svelte';
	import BenchPage from './BenchPage.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
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
		return attempt(() => diagnoseFinish.run(input));
	});
	/** Lead and traverse say the same thing: what is typed last counts, the other makes way. */
	function lastSaid(name: string): void {
		if (name === 'traverseMmPerMin' || name === 'speedRpm') entry.set('leadUm', '');
		if (name === 'leadUm') entry.set('traverseMmPerMin', '');
	}
	/** Shown only once the calculation has taken it, so nothing of it is missing. */
	type Dress = ComponentProps<typeof FinishDiagnosis>['dress'];
</script>

<BenchPage
	title="Wrong grit or wrong dress?"
	lead="Burn, chatter or the wrong finish: which of the two is at fault, and what to change."
	columns="340px 1fr"
>
	{#snippet left()}
		<div class="form">
			{#each [...usual, ...TRAVERSE] as field, i (field.name)}<div
					oninputcapture={() => lastSaid(field.name)}
				>
					<FieldInput {entry} {field} autofocus={i === 0} />
				</div>{/each}
			<BenchButtons
				{entry}
				example={() => entry.fill({ ...diagnoseFinish.example, flatWidthUm: 0 })}
				empties={false}
			/>
		</div>
	{/snippet}
	{#snippet right()}
		{#if answer.output}<FinishDiagnosis
				dress={input as Dress}
				rpm={v.speedRpm ?? null}
				units={entry.system}
			/>
			<ShowWorking
				computed={[{ calculation: diagnoseFinish.id, input: input, output: answer.output }]}
				system={entry.system}
			/>
		{:else}<h2>Waiting for numbers</h2>
			<p>{answer.fault?.message}</p>{/if}
	{/snippet}
</BenchPage>

<style>
	.form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
</style>
