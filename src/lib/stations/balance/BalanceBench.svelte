<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { lineOf } from '$core/route/decision';
	import { Evidence } from '$core/route/evidence';
	import { usuallyOnStand } from '$core/route/stations/balance/gate';
	import { restartAsked, standsWhere } from '$core/route/stations/balance/off-and-back';
	import { showsCouple } from '$core/route/stations/balance/two-planes';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import MeasurePart from './MeasurePart.svelte';
	import BackPart from './BackPart.svelte';
	import OffPart from './OffPart.svelte';
	import RestartPart from './RestartPart.svelte';
	import { balanceStatus } from './standing';

	interface Props {
		desk: SetupSession;
	}
	/** Balancing, its other parts loaded when they are opened: over to the stand and back, the stand itself, what is measured and where the weights go, the weights themselves, and other ways of correcting. */
	let { desk }: Props = $props();
	const where = $derived(standsWhere(Evidence.of(desk.facts)));
	const trip = $derived(lineOf(desk.decision, 'balance', 'off') !== null);
	const onStand = $derived(lineOf(desk.decision, 'balance', 'off')?.state === 'ok');
	const usual = $derived(usuallyOnStand(desk.facts));
	const parts = new Parts(desk, 'balance', () => [
		{ id: 'off', title: 'Onto the stand', lines: trip ? ['off'] : [] },
		{ id: 'measure', title: 'Measure and move', lines: ['inside', 'second'] },
		{ id: 'back', title: 'Put it back', lines: trip ? ['back', 'restart'] : [], closed: !onStand },
		...(showsCouple(desk.facts) ? [{ id: 'planes' as const, title: 'Two planes', lines: [] }] : []),
		{ id: 'stand', title: 'Level', lines: [] },
		{ id: 'track', title: 'Weights', lines: [] },
		{ id: 'other', title: 'Other ways', lines: [] }
	]);
	const part = $derived(parts.open);
	const s = $derived(balanceStatus(desk.facts));
</script>

<h1>Balance</h1>
<p class="lead">
	{where === 'stand'
		? 'Whole flange assembly on the stand, level. '
		: usual
			? 'Whole flange assembly over to the stand, and back when it is quiet. '
			: 'In the machine, guard shut, nobody in line. '}Witness mark at 12. Roll {s.rolls + (s.done ? 0 : 1)}.
</p>
<PartTabs {parts} of="balancing" />
{#if part === 'measure'}<MeasurePart
		{desk}
		onStand={usual}
		onover={parts.choose.bind(parts)}
		ondone={parts.onward}
	/>
{:else if part === 'off'}<OffPart {desk} ondone={parts.onward} />
{:else if part === 'back' && lineOf(desk.decision, 'balance', 'back')?.state === 'ok'}<RestartPart
		{desk}
		ondone={parts.onward}
	/>
{:else if part === 'back'}<BackPart
		{desk}
		ondone={() => (restartAsked(desk.facts) ? parts.choose('back') : parts.onward())}
	/>
{:else if part === 'planes'}<Lazy
		load={() => import('./TwoPlanesPart.svelte')}
		given={{ desk, onover: (to: 'back') => parts.choose(to), ondone: parts.onward }}
	/>
{:else if part === 'stand'}<Lazy
		load={() => import('./StandPart.svelte')}
		given={{ desk, ondone: parts.onward }}
	/>
{:else if part === 'track'}<Lazy
		load={() => import('./TrackPart.svelte')}
		given={{ desk, ondone: parts.onward }}
	/>
{:else}<Lazy load={() => import('./OtherPart.svelte')} given={{ desk, ondone: parts.onward }} />{/if}
