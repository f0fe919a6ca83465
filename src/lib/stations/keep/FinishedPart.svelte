<script lang="ts">
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import LifeLine from './LifeLine.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The work is done: what came of it. */
	let { desk }: Props = $props();
	const { q } = useUnits();
	const facts = $derived(desk.facts);
	const scrapped = $derived(facts.wheel?.state === 'scrapped');
</script>

<p class="lead">
	This setup is finished; the wheel is {scrapped ? 'scrapped' : 'back in the rack'}.
</p>
<p>
	<b class="num">{facts.sums.partsGround}</b> parts, <b class="num">{facts.sums.redresses}</b> redresses,
	wheel at
	<b class="num">{q(facts.wheel?.diameterMm, 'mm')}</b>.
</p>
{#if facts.wheel}<LifeLine {desk} />{/if}
<ActionBar forward label="To the floor" onact={() => void (location.href = '/')} busy={desk.busy} />
