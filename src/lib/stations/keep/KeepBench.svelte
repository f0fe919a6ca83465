<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import AsideParts from '$lib/desk/AsideParts.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { type Part, Parts } from '$lib/desk/parts.svelte';
	import NowPart from './NowPart.svelte';

	type Id = 'now' | 'book' | 'ways' | 'speed' | 'interval' | 'g-ratio' | 'compare' | 'jet' | 'trouble';
	interface Props {
		desk: SetupSession;
	}
	/** Hold the shape, use the wheel up well, know when the next one is needed. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const finished = $derived(facts.state === 'finished');
	const all = $derived<Part<Id>[]>([
		{ id: 'now', title: 'Now', lines: [] },
		{ id: 'book', title: "The wheel's book", lines: [] },
		{ id: 'ways', title: 'Two ways to redress', lines: [], closed: finished },
		{ id: 'speed', title: 'Speed as it shrinks', lines: [] },
		{
			id: 'interval',
			title: 'When to redress the form',
			lines: [],
			aside: true,
			closed: finished || !facts.stations.includes('form')
		},
		{ id: 'g-ratio', title: 'G ratio', lines: [], aside: true, closed: finished },
		{ id: 'compare', title: 'Before and after a redress', lines: [], aside: true, closed: finished },
		{ id: 'jet', title: 'Coolant jet', lines: [], aside: true, closed: finished || !facts.machine.wet },
		{ id: 'trouble', title: 'Find the trouble', lines: [], aside: true, closed: finished }
	]);
	const parts = new Parts<Id>(desk, 'keep', () => all);
	const now = () => parts.choose('now');
</script>

<AsideParts title="Keep" {parts} home="now" />
<PartTabs {parts} of="keeping" />
{#if parts.open === 'book'}<Lazy load={() => import('./BookPart.svelte')} given={{ desk, ondone: now }} />
{:else if parts.open === 'ways'}<Lazy
		load={() => import('./WaysPart.svelte')}
		given={{ desk, ondone: now }}
	/>
{:else if parts.open === 'speed'}<Lazy load={() => import('./SpeedPart.svelte')} given={{ desk }} />
{:else if parts.open === 'g-ratio'}<Lazy
		load={() => import('./GRatioPart.svelte')}
		given={{ desk, ondone: now }}
	/>
{:else if parts.open === 'trouble'}<Lazy
		load={() => import('../prove/TroublePart.svelte')}
		given={{ desk }}
	/>
{:else if parts.open === 'compare'}<Lazy
		load={() => import('../prove/ComparePart.svelte')}
		given={{ desk, ondone: now }}
	/>
{:else if parts.open === 'jet'}<Lazy
		load={() => import('../prove/JetPart.svelte')}
		given={{ desk, ondone: now }}
	/>
{:else if parts.open === 'interval'}<Lazy
		load={() => import('./IntervalPart.svelte')}
		given={{ desk, ondone: now }}
	/>
{:else if finished}<Lazy load={() => import('./FinishedPart.svelte')} given={{ desk }} />
{:else}<NowPart {desk} onbook={() => parts.choose('book')} />{/if}
