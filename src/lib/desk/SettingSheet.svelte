<script lang="ts" generics="L extends readonly Field[], O extends object">
	import { useUnits } from '$lib/ui/use-units';
	import type { Snippet } from 'svelte';
	import type { Field } from '$core/calculation/fields';
	import { type Judged, findingsOf } from '$core/route/result';
	import type { Step } from '$core/route/define-step';
	import { forbidden } from '$core/route/compute-step';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import type { Preview } from '$lib/desk/preview';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';

	interface Props {
		desk: SetupSession;
		step: Step<L, O>;
		entry: Entry<L>;
		p: Preview<O>;
		/** What the decisive number is, the number itself, and what it means. */
		what: string;
		figure: string;
		means?: string;
		action?: string;
		words?: Record<string, string>;
		/** Fields that wait behind "More". */
		later?: readonly string[];
		/** Fields that this setup does not ask for. */
		hidden?: readonly string[];
		labels?: Readonly<Record<string, string>>;
		notes?: Readonly<Record<string, string>>;
		/** Drawn over the whole width, where it needs it. */
		board?: Snippet<[(O & Judged) | null]>;
		drawing?: Snippet<[(O & Judged) | null]>;
		strip?: Snippet<[O & Judged]>;
		beneath?: Snippet<[O & Judged]>;
		follows?: Snippet<[O & Judged]>;
		quick?: Snippet;
		ondone: () => void;
	}
	/** The sheet of one setting: its drawing, its one decisive number on its strip, the few inputs, and what follows. */
	let {
		desk,
		step,
		entry,
		p,
		what,
		figure,
		means = '',
		action = 'Set like this',
		words = {},
		later = [],
		hidden = [],
		labels = {},
		notes = {},
		board,
		drawing,
		strip,
		beneath,
		follows,
		quick,
		ondone
	}: Props = $props();
	const { told } = useUnits();
	const asked = $derived(step.fields.filter((f) => !hidden.includes(f.name)));
	const folded = (f: Field) => f.advanced === true || later.includes(f.name);
	const [first, more] = $derived([asked.filter((f) => !folded(f)), asked.filter(folded)]);
	const wide = (f: Field) => f.kind === 'choice' || f.kind === 'list';
	const bad = $derived(p.main?.verdict === 'stop');
	async function act() {
		if (await desk.record(step.station, step.step, entry)) ondone();
	}
</script>

{#snippet field(f: Field, i: number)}<div class:wide={wide(f)}>
		<FieldInput
			{entry}
			field={f}
			{words}
			label={labels[f.name] ?? ''}
			autofocus={i === 0}
			note={notes[f.name] ?? ''}
			range={false}
		/>
	</div>{/snippet}
{@render board?.(p.main)}
<TwoSides>
	{#snippet one()}
		{@render drawing?.(p.main)}
		{#if p.result}<Reasons
				reasons={findingsOf(p.result)}
				most={3}
			/>{:else if p.fault && p.fault.code !== 'missing'}<p class="fault">
				{told(p.fault.message)}
			</p>{/if}
		{#if p.main}{@render beneath?.(p.main)}{/if}
	{/snippet}
	{#snippet other()}
		<Decisive
			{what}
			{figure}
			{means}
			tone={bad ? 'stop' : 'plain'}
			meansTone={bad ? 'stop' : p.main?.verdict === 'caution' ? 'caution' : 'ok'}
		/>
		{#if p.main}{@render strip?.(p.main)}{/if}
		<div class="grid">
			{#each first as f, i (f.name)}{@render field(f, i)}{/each}
		</div>
		{#if more.length}<Fold title="More" open={more.some((f) => entry.faultAt(f.name))}>
				<div class="grid">
					{#each more as f (f.name)}{@render field(f, 1)}{/each}
				</div>
			</Fold>{/if}
		{#if p.main}{@render follows?.(p.main)}{/if}
	{/snippet}
</TwoSides>
<ActionBar
	label={action}
	onact={act}
	busy={desk.busy}
	stop={bad}
	disabled={forbidden(step, p.result) !== null}
>
	{@render quick?.()}
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	.wide {
		grid-column: 1 / -1;
	}
</style>
