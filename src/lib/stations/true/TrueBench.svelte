<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import { MEASURED_BY } from '$core/route/stations/balance/measured-by';
	import { lastRead, preBalance } from '$core/route/stations/true/readings';
	import { truedAt } from '$core/route/stations/true/known-runout';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import CutPart from './CutPart.svelte';
	import FacePart from './FacePart.svelte';
	import PencilPart from './PencilPart.svelte';
	import RimPart from './RimPart.svelte';
	import SeatPart from './SeatPart.svelte';

	interface Props {
		desk: Desk;
	}
	/** Truing: the rim read, the wobble looked at, the wheel moved where that helps, and the rest cut away. */
	let { desk }: Props = $props();
	const read = $derived(lastRead(desk.facts));
	const parts = new Parts(desk, 'true', () => [
		{ id: 'rim', title: 'Read the rim', lines: ['read'] },
		{ id: 'pencil', title: 'Pencil line', lines: [] },
		{ id: 'face', title: 'Wobble', lines: [] },
		{ id: 'seat', title: 'Move it on its seat', lines: [], closed: !read },
		{ id: 'cut', title: 'True it away', lines: ['runs-true', 'dry'], closed: !read }
	]);
	const part = $derived(parts.open);
	const rule = $derived(preBalance(desk.facts).output);
	/** Said before the first run only; afterwards it is too late to matter. */
	const rough = $derived.by(() => {
		const e = Evidence.of(desk.facts);
		return rule.preBalance === 'rough' && !e.newest('true', truedAt) && !e.newest('balance', MEASURED_BY);
	});
	const LEAD: Record<typeof part, string> = {
		rim: 'Spindle locked out. Turn the wheel by hand and read at each mark.',
		pencil: 'No indicator: bring a pencil up until it just touches, then on by a known way.',
		face: 'Spindle locked out. Dial against the side face.',
		seat: 'Slackened, not off. Push gently, tighten, read again.',
		cut: 'True it, coolant on, guard shut. Then spin dry, lock out, and read the rim again.'
	};
</script>

<h1>True</h1>
<p class="lead">{LEAD[part]}</p>
<PartTabs {parts} of="truing" />
{#if rough}<p class="warn">
		This wheel is large: balance it roughly before its first run, whatever the order of this route. {rule
			.reasons[0]?.message ?? ''}
	</p>{/if}
{#if part === 'rim'}<RimPart {desk} ondone={parts.onward} />
{:else if part === 'pencil'}<PencilPart {desk} ondone={parts.onward} />
{:else if part === 'face'}<FacePart {desk} ondone={parts.onward} />
{:else if part === 'seat'}<SeatPart {desk} ondone={() => parts.choose('rim')} />
{:else}<CutPart {desk} />{/if}

<style>
	.warn {
		border-left: 4px solid var(--caution);
		padding: var(--s-4) var(--s-12);
		background: var(--caution-soft);
		max-width: none;
		margin-top: var(--s-6);
	}
</style>
