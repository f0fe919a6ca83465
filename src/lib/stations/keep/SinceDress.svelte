<script lang="ts">
	import { type Due, dueWords } from '$core/route/stations/keep/due';
	import { untilNext } from '$core/route/stations/keep/gate';
	import type { RedressCycle } from '$core/route/stations/keep/redress-cycle';
	import Strip from '$lib/drawing/Strip.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		loop: RedressCycle;
		due: Due | null;
	}
	/** What was ground since the last dress, against when the next one falls. */
	let { loop, due }: Props = $props();
	const { q, f, sign } = useUnits();
	/** Counted in parts where it is redressed after so many of them, else in infeed. */
	const inParts = $derived(loop.sinceMm === null || (loop.everyParts !== null && loop.everyMm === null));
	const limit = $derived(inParts ? loop.everyParts : loop.lengthMm);
	const value = $derived(inParts ? loop.sinceParts : (loop.sinceMm ?? 0));
	const show = (v: number) => (inParts ? String(Math.round(v)) : f(v, 'mm'));
	const unit = $derived(inParts ? (value === 1 ? 'part' : 'parts') : sign('mm'));
	const until = $derived(untilNext(loop, (v) => q(v, 'mm')));
</script>

<Decisive
	what="Ground since the last dress"
	figure={show(value)}
	means={limit === null ? unit : `of ${show(limit)} ${inParts ? 'parts' : `${unit} infeed`}`}
	tone={due ? 'caution' : 'plain'}
/>
{#if limit !== null}<Strip
		{value}
		{limit}
		state={due ? 'caution' : 'ok'}
		label="Ground since the last dress"
		{unit}
		{show}
	/>{/if}
{#if due}<p class="due" role="alert"><b>Redress now.</b> {dueWords(due)}.</p>
{:else if until}<p class="next">
		Redress {until}{loop.next ? `: part ${loop.next.part} at ${q(loop.next.atMm, 'mm')}` : ''}.
	</p>
{:else}<p class="quiet">Say under More after how many parts it is redressed.</p>{/if}

<style>
	.due {
		background: var(--caution-soft);
		border-left: 4px solid var(--caution);
		padding: var(--s-6) var(--s-10);
	}
	.next {
		font-weight: 600;
	}
</style>
