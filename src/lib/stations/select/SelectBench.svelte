<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import { limitRpm } from '$core/route/facts';
	import { wishOf } from '$core/route/stations/brief/steps';
	import { EXCLUSION_WORDS } from '$core/route/stations/select/steps';
	import { naturalRaUm } from '$core/spec/natural-finish';
	import Strip from '$lib/drawing/Strip.svelte';
	import WheelSection from '$lib/drawing/WheelSection.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '$lib/words';
	import CompareWheels from './CompareWheels.svelte';
	import NothingFits from './NothingFits.svelte';
	import ScoreBar from './ScoreBar.svelte';
	import ScoreKey from './ScoreKey.svelte';

	interface Props {
		desk: Desk;
	}
	let { desk }: Props = $props();
	const rack = $derived(desk.rack!);
	const f = $derived(desk.facts);
	const byNumber = $derived(new Map(rack.wheels.map((w) => [w.number, w])));
	const ranked = $derived(rack.ranked);
	let picked = $state<string | null>(null);
	const current = $derived(picked ?? f.wheel?.number ?? ranked[0]?.id ?? null);
	const wheel = $derived(current ? (byNumber.get(current) ?? null) : null);
	const best = $derived(ranked.find((r) => r.id === current));
	const wanted = $derived(wishOf(f).marking);
	const limit = $derived(wheel ? limitRpm(wheel) : null);
	const natural = $derived(wheel?.gritMeanUm ? naturalRaUm(wheel.gritMeanUm) : null);
	const taken = $derived(f.wheel?.number === current);
	let marked = $state<string[]>([]);
	let view = $state<'list' | 'compare' | 'none'>('list');
	const compared = $derived(
		marked
			.map((id) => ({ wheel: byNumber.get(id)!, ranked: ranked.find((r) => r.id === id)! }))
			.filter((x) => x.wheel && x.ranked)
	);
	/** Marks a wheel for comparing; the oldest mark goes when there are three. */
	const mark = (id: string) =>
		(marked = marked.includes(id) ? marked.filter((x) => x !== id) : [...marked, id].slice(-3));
	function compare() {
		if (view === 'compare') {
			view = 'list';
			return;
		}
		if (marked.length < 2) marked = ranked.slice(0, 3).map((r) => r.id);
		view = 'compare';
	}
	const keys = (e: KeyboardEvent) => {
		if (
			!(e.target instanceof HTMLElement && e.target.matches('input, textarea, select')) &&
			!e.ctrlKey &&
			!e.metaKey &&
			e.key.toLowerCase() === 'c' &&
			ranked.length > 1
		) {
			e.preventDefault();
			compare();
		}
	};
	async function take() {
		if (taken) return desk.onward();
		if (current && (await desk.record('select', 'take', null, { wheelNumber: current }))) picked = null;
	}
	function arrows(e: KeyboardEvent) {
		const i = ranked.findIndex((r) => r.id === current);
		if (e.key === 'm' && current) {
			e.preventDefault();
			mark(current);
			return;
		}
		const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
		if (!step || !ranked[i + step]) return;
		e.preventDefault();
		picked = ranked[i + step]!.id;
		document.getElementById(`w-${picked}`)?.focus();
	}
</script>

<svelte:window onkeydown={keys} />
<h1>Select</h1>
<p class="lead">
	{MATERIAL_WORDS[f.brief.material]}{f.brief.hardnessHrc === null ? '' : ` ${f.brief.hardnessHrc} HRC`}, {OPERATION_WORDS[
		f.brief.operation
	]}, Ra {quantity(f.brief.targetRaUm, 'um', f.units)} asked. Wanted: <b class="num">{wanted}</b>
	<a href="/setups/{f.id}/brief">why</a>
</p>
{#if view === 'compare' && compared.length > 1}<CompareWheels
		list={compared}
		spindleRpm={f.machine.spindleRpm}
		targetRaUm={f.brief.targetRaUm}
		units={f.units}
	/>
{:else if view === 'none' || !ranked.length}{#if !ranked.length}<p class="none">
			No wheel on the rack may go on this spindle for this job.
		</p>{/if}<NothingFits facts={f} {wanted} near={rack.near} wheels={byNumber} />
{:else}
	<ScoreKey />
	<div
		class="list"
		role="radiogroup"
		aria-label="Wheels that may go on, best first"
		tabindex="-1"
		onkeydown={arrows}
	>
		{#each ranked.slice(0, 30) as r (r.id)}
			{@const w = byNumber.get(r.id)!}
			<button
				id="w-{r.id}"
				role="radio"
				aria-checked={r.id === current}
				tabindex={r.id === current ? 0 : -1}
				class:on={r.id === current}
				onclick={() => (picked = r.id)}
				ondblclick={() => mark(r.id)}
			>
				<span class="num no"
					>{r.id}{#if marked.includes(r.id)}<em> marked</em>{/if}</span
				><span class="num mark">{w.canonical}</span>
				<span
					><ScoreBar parts={r.parts} /><span class="quiet"
						>{figure(w.diameterMm, 'mm', f.units)} of {figure(w.newDiameterMm, 'mm', f.units)}, scrap at {figure(
							w.minDiameterMm,
							'mm',
							f.units
						)}, {w.place}</span
					></span
				>
				<span class="num pts">{r.scorePoints.toFixed(0)}</span>
			</button>
		{/each}
	</div>
{/if}
<details>
	<summary
		>{rack.out} wheels ruled out: {rack.counts
			.map(([c, n]) => `${n} ${EXCLUSION_WORDS[c] ?? c}`)
			.join(', ')}</summary
	>
	<ul class="out">
		{#each rack.excluded as x (x.id)}<li>
				<b class="num">{x.id}</b> <span class="num">{byNumber.get(x.id)!.canonical}</span>
				<span class="quiet"
					>{x.codes
						.map((c) =>
							c === 'held' ? `held by setup ${byNumber.get(x.id)!.heldBy}` : (EXCLUSION_WORDS[c] ?? c)
						)
						.join(', ')}</span
				>
			</li>{/each}
	</ul>
	{#if rack.out > rack.excluded.length}<p>and {rack.out - rack.excluded.length} more</p>{/if}
</details>
{#if wheel && view === 'list'}
	<div class="foot">
		<section aria-label="Wheel cut through">
			<h3>Wheel {wheel.number}, cut through</h3>
			<WheelSection {wheel} flangeMm={f.mount?.flangeMm ?? null} units={f.units} />
		</section>
		<section>
			<h3>Speed on this spindle</h3>
			{#if limit !== null}<Strip
					value={f.machine.spindleRpm}
					{limit}
					label="Spindle speed"
					unit="rpm"
					show={(v) => v.toFixed(0)}
				/>{/if}
			{#if natural !== null}<h3>Finish this grit gives, dressed sharp</h3>
				<Strip
					value={natural}
					limit={f.brief.targetRaUm}
					label="Natural finish"
					unit="µm, ± 30 %"
					show={(v) => v.toFixed(2)}
				/>{/if}
		</section>
	</div>
	{#if best && best.scorePoints < 70}<Reasons
			reasons={[
				{
					code: 'no-good-match',
					severity: 'caution',
					message: `Wheel ${wheel.number} is a compromise: ${best.scorePoints.toFixed(0)} points.`
				}
			]}
		/>{/if}
{/if}
<ActionBar
	forward={taken}
	label={taken ? 'On to inspecting' : current ? `Take wheel ${current}` : 'None fits'}
	onact={take}
	busy={desk.busy}
	disabled={!current}
>
	{#if current && ranked.some((r) => r.id === current) && view === 'list'}<button
			class="btn"
			aria-pressed={marked.includes(current)}
			onclick={() => mark(current)}>{marked.includes(current) ? 'Unmark' : 'Mark to compare'}</button
		>{/if}
	{#if ranked.length > 1}<button class="btn" aria-pressed={view === 'compare'} onclick={compare}
			>{view === 'compare'
				? 'Back to the list'
				: `Compare ${marked.length > 1 ? marked.length : 'the first three'}`}
			<kbd aria-hidden="true">C</kbd></button
		>{/if}
	<button
		class="btn"
		aria-pressed={view === 'none'}
		onclick={() => (view = view === 'none' ? 'list' : 'none')}
		>{view === 'none' ? 'Back to the list' : 'None fits'}</button
	>
	{#snippet aside()}<ShowWorking computed={[rack.ranking]} system={f.units} />{/snippet}
</ActionBar>

<style>
	.list {
		border-top: 2px solid var(--ink);
		max-height: 232px;
		overflow: auto;
		flex-shrink: 0;
	}
	.list button {
		display: grid;
		grid-template-columns: 60px 170px 1fr 56px;
		gap: var(--s-10);
		align-items: center;
		width: 100%;
		min-height: 52px;
		padding: var(--s-6) var(--s-10);
		border: 0;
		border-bottom: 1px solid var(--rule);
		border-left: 4px solid transparent;
		background: none;
		color: var(--ink);
		text-align: left;
		font: inherit;
		cursor: pointer;
	}
	em {
		display: block;
		font: 600 var(--type-fine) var(--text);
		color: var(--act);
	}
	.list .on {
		background: var(--act-soft);
		border-left-color: var(--act);
	}
	.no {
		color: var(--ink2);
		font-weight: 600;
	}
	.mark {
		font-weight: 650;
		font-size: var(--type-text);
		overflow-wrap: anywhere;
	}
	.pts {
		font-size: var(--type-title);
		font-weight: 700;
		text-align: right;
	}
	.none {
		padding: var(--s-14);
	}
	details {
		padding: var(--s-8) var(--s-10);
		font-size: var(--type-label);
		color: var(--ink2);
	}
	summary {
		cursor: pointer;
		min-height: 24px;
	}
	.out {
		columns: 2;
		padding: var(--s-8) 0 0;
		list-style: none;
		font-size: var(--type-small);
		color: var(--ink);
	}
	.out li {
		break-inside: avoid;
		padding: var(--s-2) 0;
	}
	.foot {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-28);
		margin: var(--s-4) 0 var(--s-8);
	}
	h3 {
		margin: var(--s-2) 0 var(--s-4);
	}
	@media (max-width: 900px) {
		.foot {
			grid-template-columns: 1fr;
		}
		.list button {
			grid-template-columns: 52px 1fr 50px;
		}
		.list button > :nth-child(3) {
			grid-column: 1 / -1;
			grid-row: 2;
		}
	}
</style>
