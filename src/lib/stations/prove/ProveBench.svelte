<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { untrack } from 'svelte';
	import AsideParts from '$lib/desk/AsideParts.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { type Part, Parts } from '$lib/desk/parts.svelte';
	import ReleasePart from './ReleasePart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** From work that is held and touched off to a wheel that is released. */
	let { desk }: Props = $props();
	const dry = untrack(() => !desk.facts.machine.wet);
	const PARTS: readonly Part<'hold' | 'trial' | 'compare' | 'jet' | 'release' | 'trouble'>[] = [
		{ id: 'hold', title: 'Hold the work', lines: [] },
		{ id: 'trial', title: 'Touch off and trial', lines: [] },
		{ id: 'compare', title: 'Before and after the dress', lines: [], aside: true },
		{ id: 'jet', title: 'Coolant jet', lines: [], aside: true, closed: dry },
		{ id: 'release', title: 'Release', lines: ['released'] },
		{ id: 'trouble', title: 'Find the trouble', lines: [] }
	];
	const parts = new Parts(desk, 'prove', () => PARTS);
</script>

<AsideParts title="Prove" {parts} home="release" />
<p class="lead">Hold the work, cut a trial piece, let it spark out, then look, measure and decide.</p>
<PartTabs {parts} of="proving" />
{#if parts.open === 'hold'}<Lazy
		load={() => import('./HoldPart.svelte')}
		given={{ desk, ondone: () => parts.choose('trial') }}
	/>
{:else if parts.open === 'trial'}<Lazy
		load={() => import('./TrialPart.svelte')}
		given={{ desk, ondone: () => parts.choose('release') }}
	/>
{:else if parts.open === 'jet'}<Lazy
		load={() => import('./JetPart.svelte')}
		given={{ desk, ondone: () => parts.choose('trial') }}
	/>
{:else if parts.open === 'compare'}<Lazy
		load={() => import('./ComparePart.svelte')}
		given={{ desk, ondone: () => parts.choose('release') }}
	/>
{:else if parts.open === 'trouble'}<Lazy load={() => import('./TroublePart.svelte')} given={{ desk }} />
{:else}<ReleasePart {desk} onhold={() => parts.choose('hold')} />{/if}
