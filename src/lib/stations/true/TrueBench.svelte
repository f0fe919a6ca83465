<script lang="ts">
	import { Evidence } from '$core/route/evidence';
	import { lastRead, preBalance } from '$core/route/stations/true/steps';
	import type { Desk } from '$lib/desk/desk.svelte';
	import CutPart from './CutPart.svelte';
	import FacePart from './FacePart.svelte';
	import PencilPart from './PencilPart.svelte';
	import RimPart from './RimPart.svelte';
	import SeatPart from './SeatPart.svelte';

	/** Truing: the rim read, the wobble looked at, the wheel moved where that helps, and the rest cut away. */
	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	type Part = 'rim' | 'pencil' | 'face' | 'seat' | 'cut';
	const PARTS: readonly [Part, string][] = [
		['rim', 'Read the rim'],
		['pencil', 'Pencil line'],
		['face', 'Wobble'],
		['seat', 'Move it on its seat'],
		['cut', 'True it away']
	];
	const read = $derived(lastRead(desk.facts));
	let chosen = $state<Part | null>(null);
	const part = $derived(chosen ?? (read ? 'cut' : 'rim'));
	const rule = $derived(
		preBalance(desk.facts).output as unknown as {
			preBalance: string;
			sizeClass: string;
			reasons: { message: string }[];
		}
	);
	const runs = $derived(new Evidence(desk.facts).latest('true', 'after') !== null);
	/** Said before the first run only; afterwards it is too late to matter. */
	const rough = $derived(
		rule.preBalance === 'rough' &&
			!runs &&
			!new Evidence(desk.facts).latestOf('balance', [
				'swing',
				'marks',
				'mass',
				'rest',
				'stays',
				'runs',
				'phase',
				'auto'
			])
	);
	const LEAD: Record<Part, string> = {
		rim: 'Spindle locked out. Turn the wheel by hand and read at each mark.',
		pencil: 'No indicator: bring a pencil up until it just touches, then on by a known way.',
		face: 'Spindle locked out. Dial against the side face.',
		seat: 'Slackened, not off. Push gently, tighten, read again.',
		cut: 'True it, coolant on, guard shut. Then spin dry, lock out, and read the rim again.'
	};
</script>

<h1>True</h1>
<p class="lead">{LEAD[part]}</p>
<div class="tabs" role="group" aria-label="Part of truing">
	{#each PARTS as [id, name] (id)}<button
			class="btn"
			class:on={part === id}
			aria-pressed={part === id}
			disabled={(id === 'seat' || id === 'cut') && !read}
			onclick={() => (chosen = id)}>{name}</button
		>{/each}
</div>
{#if rough}<p class="warn">
		This wheel is large: balance it roughly before its first run, whatever the order of this route. {rule
			.reasons[0]?.message ?? ''}
	</p>{/if}
{#if part === 'rim'}<RimPart {desk} draft={drafts.true ?? null} ondone={() => (chosen = null)} />
{:else if part === 'pencil'}<PencilPart
		{desk}
		draft={drafts['true-pencil'] ?? null}
		ondone={() => (chosen = null)}
	/>
{:else if part === 'face'}<FacePart
		{desk}
		draft={drafts['true-face'] ?? null}
		ondone={() => (chosen = null)}
	/>
{:else if part === 'seat'}<SeatPart
		{desk}
		draft={drafts['true-seat'] ?? null}
		ondone={() => (chosen = 'rim')}
	/>
{:else}<CutPart {desk} {drafts} />{/if}

<style>
	.tabs {
		display: flex;
		gap: 6px;
		margin: 8px 0 2px;
		flex-wrap: wrap;
	}
	.tabs .btn {
		padding: 5px 12px;
		min-height: 38px;
	}
	.warn {
		border-left: 4px solid var(--caution);
		padding: 3px 12px;
		background: var(--caution-soft);
		max-width: none;
		margin-top: 6px;
	}
</style>
