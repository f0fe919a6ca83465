<script lang="ts" generics="L extends readonly Field[], O extends object">
	import { useUnits } from '$lib/ui/use-units';
	import type { Snippet } from 'svelte';
	import type { Field, Values } from '$core/calculation/fields';
	import type { Judged } from '$core/route/result';
	import type { Step } from '$core/route/define-step';
	import { forbidden } from '$core/route/compute-step';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from './setup-session.svelte';
	import ReadInstrument from './ReadInstrument.svelte';
	import { stepEntry } from './step-entry.svelte';

	import type { InstrumentKind } from '$core/instrument/kinds';
	import { preview } from './preview';

	interface Props {
		desk: SetupSession;
		step: Step<L, O>;
		action: string;
		start?: Partial<Record<keyof Values<L>, unknown>>;
		words?: Record<string, string>;
		drawing?: Snippet<[(O & Judged) | null, Partial<Values<L>>]>;
		/** Fields that an instrument can be read for; a dial gives its swing over a turn. */ instruments?: Record<
			string,
			InstrumentKind
		>;
		ondone?: () => void;
		/** Whether a field is asked, by what is entered so far; all are when left out. */
		asked?: (name: string, typed: Partial<Values<L>>) => boolean;
		/** Begin empty each time: what was seen before says nothing of now. */
		anew?: boolean;
		/** Asked again each time though the rest is remembered. */
		forget?: readonly L[number]['name'][];
		children?: Snippet;
	}
	/** One step of a station as a form: its fields, what they come to as they are typed, and the drawing that carries the answer. */
	let {
		desk,
		step,
		action,
		start,
		instruments = {},
		words = {},
		drawing,
		ondone,
		asked = () => true,
		anew = false,
		forget = [],
		children
	}: Props = $props();
	const { told } = useUnits();
	const entry = stepEntry(desk, step, { start, anew, forget });
	const p = $derived(preview(step, desk.facts, entry));
	const out = $derived(p.main);
	async function act() {
		if (await desk.record(step.station, step.step, entry)) ondone?.();
	}
</script>

<div class="cols" class:one={!drawing}>
	<div>
		<div class="form">
			{#each step.fields.filter((f) => !f.advanced && asked(f.name, entry.result.values)) as field, i (field.name)}<div
					class:wide={field.kind === 'object'}
					class:two={field.kind === 'choice' || field.kind === 'list'}
				>
					<FieldInput
						{entry}
						{field}
						{words}
						autofocus={i === 0}
					/>{#if instruments[field.name]}<ReadInstrument
							kind={instruments[field.name]!}
							system={desk.facts.units}
							turn={instruments[field.name] === 'dial'}
							ontake={(v) => entry.fillOne(field.name, v)}
						/>{/if}
				</div>{/each}
		</div>
		{#if step.fields.some((f) => f.advanced)}<Fold
				title="More"
				open={step.fields.some((f) => f.advanced && entry.faultAt(f.name))}
			>
				<div class="form">
					{#each step.fields.filter((f) => f.advanced) as field (field.name)}<FieldInput
							{entry}
							{field}
							{words}
						/>{/each}
				</div>
			</Fold>{/if}
	</div>
	{#if drawing}<div class="side">{@render drawing(out, entry.result.values)}</div>{/if}
</div>
{#if out}<Reasons reasons={out.reasons ?? []} />{:else if p.fault && p.fault.code !== 'missing'}<p
		class="fault"
	>
		{told(p.fault.message)}
	</p>{/if}
<ActionBar
	label={action}
	onact={act}
	busy={desk.busy}
	stop={out?.verdict === 'stop'}
	disabled={forbidden(step, p.result) !== null}
>
	{@render children?.()}
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.wide {
		grid-column: 1 / -1;
	}
	.two {
		grid-column: span 2;
	}
	.cols {
		margin-top: var(--s-14);
		display: grid;
		grid-template-columns: minmax(0, 1fr) 264px;
		gap: var(--s-20);
		margin-bottom: var(--s-10);
		align-items: start;
	}
	.one {
		grid-template-columns: 1fr;
	}
	.form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(122px, 1fr));
		gap: var(--s-8) var(--s-12);
		align-content: start;
	}
	.side {
		display: grid;
		gap: var(--s-6);
		align-content: start;
		min-width: 0;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
