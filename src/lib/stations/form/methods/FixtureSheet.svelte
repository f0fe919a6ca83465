<script lang="ts" generics="L extends readonly Field[], O extends object">
	import { useUnits } from '$lib/ui/use-units';
	import type { Snippet } from 'svelte';
	import type { Field } from '$core/calculation/fields';
	import type { InputFault } from '$core/calculation/fault';
	import type { Reason } from '$core/calculation/verdict';
	import type { Step } from '$core/route/define-step';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import type { Preview } from '$lib/desk/preview';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import BlockPicker from './BlockPicker.svelte';

	interface Props {
		desk: SetupSession;
		step: Step<L, O>;
		entry: Entry<L>;
		p: Preview<O>;
		/** What the stacks are for, and the height or difference that is wanted; null while it is not known. */
		what: string;
		targetMm: number | null;
		figure: string;
		means: string;
		stopped: boolean;
		fault: InputFault | null;
		reasons: readonly Reason[];
		/** What is said before the wheel turns again, the name of its field. */
		last: string;
		drawing: Snippet;
		fields: Snippet;
		beside?: Snippet;
		ondone: () => void;
	}
	/** A fixture set by blocks: what is set at the left, the blocks of the stack at the right, and what is looked at before it turns. */
	let {
		desk,
		step,
		entry,
		p,
		what,
		targetMm,
		figure,
		means,
		stopped,
		fault,
		reasons,
		last,
		drawing,
		fields,
		beside,
		ondone
	}: Props = $props();
	const { told } = useUnits();
	$effect(() => entry.switchTo(desk.facts.units));
	async function act() {
		if (await desk.record(step.station, step.step, entry)) ondone();
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<Decisive {what} {figure} {means} tone={stopped ? 'stop' : 'plain'} />
		{@render drawing()}
		{#if fault && fault.code !== 'missing'}<p class="fault">{told(fault.message)}</p>{:else}<Reasons
				reasons={[...reasons]}
				most={3}
			/>{/if}
		{@render fields()}
	{/snippet}
	{#snippet other()}
		<BlockPicker {desk} {entry} {targetMm} />
		{#each ['screwTight', 'blocksOut', last] as name (name)}<YesNo {entry} {name} compact />{/each}
	{/snippet}
</TwoSides>
<ActionBar label="Set like this" onact={act} busy={desk.busy} stop={stopped}>
	{@render beside?.()}
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>
