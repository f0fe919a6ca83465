<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import { MEASURED_BY } from '$core/route/stations/balance/measured-by';
	import { preBalance } from '$core/route/stations/true/readings';
	import { partsOfMounting, mountingMethod } from '$core/route/stations/mount/methods';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import ChooseMount from './ChooseMount.svelte';
	import { SHEETS } from './parts';

	interface Props {
		desk: SetupSession;
	}
	/** The parts of mounting, by how the wheel is held. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const way = $derived(mountingMethod(desk.facts));
	const parts = new Parts(desk, 'mount', () => partsOfMounting(desk.facts));
	const Sheet = $derived(SHEETS[parts.open]);
	/** Said before the first run, while it still matters. */
	const rough = $derived.by(() => {
		const e = Evidence.of(desk.facts);
		const late = e.named('run-in', 'start') ?? e.newest('balance', MEASURED_BY);
		return !late && preBalance(desk.facts).output.preBalance === 'rough';
	});
</script>

<h1>Mount</h1>
<p class="lead">{way.lead}</p>
{#if rough}<p class="warn">
		This wheel is large: balance it roughly before its first run, whatever the order of this route.
	</p>{/if}
{#if facts.state === 'under-way' && facts.wheel}<ChooseMount {desk} ondone={parts.onward} />{/if}
<PartTabs {parts} of="mounting" />
<Sheet {desk} ondone={parts.onward} />

<style>
	.warn {
		border-left: 4px solid var(--caution);
		padding: var(--s-4) var(--s-12);
		background: var(--caution-soft);
		max-width: none;
		margin-bottom: var(--s-8);
	}
</style>
