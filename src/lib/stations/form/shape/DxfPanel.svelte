<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import { parseDxf } from '$core/form/parse-dxf';
	import type { Segment } from '$core/form/profile/segment';
	import { fineQuantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { outputAs } from '$lib/workers/output-as';
	import { CalcOffPage } from '$lib/workers/calc-off-page';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import LongTextField from '$lib/ui/fields/LongTextField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		desk: SetupSession;
		onseen: (segments: Segment[] | null) => void;
		ontake: (segments: Segment[]) => void;
	}
	/** A drawing file: what was read of it, what was passed over and joined, and its unit asked where it does not say. */
	let { desk, onseen, ontake }: Props = $props();
	type Read = ReturnType<typeof parseDxf.run>;
	const entry = new Entry({
		fields: parseDxf.fields,
		key: untrack(() => `setup-${desk.facts.id}-form-drawing`),
		draft: untrack(() => desk.drafts['form-drawing'] ?? null),
		system: untrack(() => desk.facts.units),
		start: { origin: 'normalise' }
	});
	const off = new CalcOffPage();
	onDestroy(() => off.stop());
	let read = $state.raw<Read | null>(null);
	let fault = $state('');
	let reading = $state(false);
	const unsaid = $derived(read?.reasons.some((r) => r.code === 'unit-assumed-mm') ?? false);
	const wrong = $derived(read?.verdict === 'stop');
	$effect(() => {
		const { values, fault: bad } = entry.result;
		read = null;
		fault = bad && bad.code !== 'missing' ? bad.message : '';
		if (bad) return void (reading = false);
		reading = true;
		void off.run(parseDxf.id, values).then((answer) => {
			if (!answer) return;
			reading = false;
			if ('output' in answer) read = outputAs(parseDxf, answer.output);
			else fault = answer.error.message;
		});
	});
	$effect(() => onseen(read ? (read.segments as Segment[]) : null));
	const many = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`;
	const q = (mm: number) => fineQuantity(mm, 'mm', desk.facts.units);
</script>

<section aria-label="From a drawing">
	<LongTextField {entry} name="text" />
	<div class="grid">
		<ChoiceField {entry} name="unit" words={{ auto: 'as it says', mm: 'mm', inch: 'inch' }} />
		<ChoiceField
			{entry}
			name="origin"
			words={{ 'as-drawn': 'as drawn', normalise: 'from the left, crest at 0' }}
		/>
		<TextField {entry} name="layer" />
		<QuantityField {entry} name="joinToleranceMm" />
	</div>
	<div role="status">
		{#if reading}Reading it …{:else if fault}<p class="fault">{fault}</p>{:else if read}
			<p>
				<b>{many(read.counts.lines, 'line')}, {many(read.counts.arcs, 'arc')}</b>, {q(read.widthMm)} wide, {q(
					read.depthMm
				)} deep, in {read.unit}.
				{read.closedGapMaxMm > 0
					? `Gaps up to ${q(read.closedGapMaxMm)} were closed.`
					: 'Nothing had to be joined.'}
			</p>
			<p>
				{#if read.skipped.length}Passed over: {read.skipped
						.map((s) => `${s.count} ${s.type}`)
						.join(', ')}.{:else}Nothing was passed over.{/if}
			</p>
			{#if unsaid}<p class="ask">The drawing does not say its unit. Pick mm or inch above.</p>{/if}
			{#if wrong}<p class="fault">{read.reasons.find((r) => r.severity === 'stop')?.message}</p>{/if}
		{/if}
	</div>
	<button
		class="btn act"
		disabled={!read || unsaid || wrong}
		onclick={() => read && ontake(read.segments as Segment[])}>Take this drawing</button
	>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
		align-items: start;
	}
	.ask {
		color: var(--caution);
		font-weight: 650;
	}
	.btn {
		justify-self: start;
	}
</style>
