<script lang="ts">
	import { highSpotRead, lastRead } from '$core/route/stations/true/readings';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import CutPart from './CutPart.svelte';
	import FacePart from './FacePart.svelte';
	import HandPart from './HandPart.svelte';
	import PencilPart from './PencilPart.svelte';
	import RimPart from './RimPart.svelte';
	import SeatPart from './SeatPart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** Truing: the rim read, the wobble looked at, the wheel moved where that helps, and the rest cut away. */
	let { desk }: Props = $props();
	const read = $derived(lastRead(desk.facts));
	const parts = new Parts(desk, 'true', () => [
		{ id: 'rim', title: 'Read the rim', lines: ['read'] },
		{ id: 'pencil', title: 'Pencil line', lines: [] },
		{ id: 'hand', title: 'By hand', lines: [] },
		{ id: 'face', title: 'Wobble', lines: [] },
		{ id: 'seat', title: 'Move it on its seat', lines: [], closed: !highSpotRead(desk.facts) },
		{ id: 'cut', title: 'True it', lines: ['runs-true', 'dry'], closed: !read }
	]);
	const part = $derived(parts.open);
	const LEAD: Record<typeof part, string> = {
		rim: 'Spindle locked out. Turn the wheel by hand and read at each mark.',
		pencil: 'No indicator: bring a pencil up until it just touches, then on by a known way.',
		hand: 'No indicator: dress it until no untouched spot is left and it sounds even all round, guard shut. Or close a pencil line all round.',
		face: 'Spindle locked out. Dial against the side face.',
		seat: 'Slackened, not off. Push gently, tighten, read again.',
		cut: 'True it, coolant on, guard shut. Then spin dry, lock out, and read the rim again.'
	};
</script>

<h1>True</h1>
<p class="lead">{LEAD[part]}</p>
<PartTabs {parts} of="truing" />
{#if part === 'rim'}<RimPart {desk} ondone={parts.onward} />
{:else if part === 'pencil'}<PencilPart {desk} ondone={parts.onward} />
{:else if part === 'hand'}<HandPart {desk} ondone={parts.onward} />
{:else if part === 'face'}<FacePart {desk} ondone={parts.onward} />
{:else if part === 'seat'}<SeatPart {desk} ondone={() => parts.choose('rim')} />
{:else}<CutPart {desk} />{/if}
