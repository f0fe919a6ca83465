<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { resolve } from '$app/paths';
	import type { MachineFacts } from '$core/facts/shop';
	import type { WheelFacts } from '$core/facts/wheel';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import WheelThumb from '$lib/drawing/WheelThumb.svelte';
	import { STATE_WORDS } from '$lib/words';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	interface Card {
		machine: MachineFacts;
		setup: { id: number; part: string; quantity: number } | null;
		wheel: WheelFacts | null;
		state: 'ok' | 'now' | 'open' | 'caution' | 'stop';
		word: string;
		next: string;
		dressesLeft: number | null;
		/** Today's morning sheet; null while nobody filled it in. */
		morning: { mayStart: boolean; open: number } | null;
		/** Open setups of this machine beside the one shown. */
		others: { id: number; part: string; state: string; wheel: string | null }[];
	}
	interface Props {
		card: Card;
	}
	let { card }: Props = $props();
	const { q } = useUnits();
	const MAX = 3;
	const w = $derived(card.wheel);
	const life = $derived(
		w ? Math.max(0, Math.min(1, (w.diameterMm - w.minDiameterMm) / (w.newDiameterMm - w.minDiameterMm))) : 0
	);
</script>

<article class="sheet">
	{#if w}<WheelThumb
			family={w.family}
			diameterMm={w.diameterMm}
			newDiameterMm={w.newDiameterMm}
			boreMm={w.boreMm}
			label="wheel {w.number}"
		/>{:else}<svg viewBox="0 0 118 118" width="118" height="118" aria-hidden="true"
			><circle cx="59" cy="59" r="56" fill="none" stroke="var(--edge)" stroke-dasharray="2 5" /></svg
		>{/if}
	<div class="text">
		<h2>
			<a href={resolve(card.setup ? `/setups/${card.setup.id}` : `/setups/new?machine=${card.machine.id}`)}
				>{card.machine.code} {card.machine.name}</a
			>
		</h2>
		<p class="quiet">{card.setup ? `${card.setup.part}, ${card.setup.quantity} off` : 'nothing set up'}</p>
		<p class="state"><VerdictMark state={card.state} />{card.word}</p>
		{#if w}<p class="num mark">{w.canonical}</p>
			<p class="num quiet">
				{q(surfaceSpeedMps(w.diameterMm, card.machine.spindleRpm), 'm/s')} at {q(
					card.machine.spindleRpm,
					'rpm'
				)}
			</p>
		{:else}<p class="num quiet">no wheel, {q(card.machine.spindleRpm, 'rpm')}</p>{/if}
	</div>
	<div class="life">
		<div class="bar" role="img" aria-label="{Math.round(life * 100)} % of the wheel left">
			<i class:low={life < 0.25} style="width:{life * 100}%"></i>
		</div>
		<span
			>{card.next
				? `next: ${card.next.charAt(0).toLowerCase()}${card.next.slice(1)}`
				: card.dressesLeft !== null
					? `about ${card.dressesLeft} ${card.dressesLeft === 1 ? 'dress' : 'dresses'} left`
					: w
						? ''
						: 'free'}</span
		><span class="num dia">{w ? `⌀ ${q(w.diameterMm, 'mm')}` : ''}</span>
	</div>
	<p class="others">
		<a
			class:stop={card.morning?.mayStart === false}
			href={resolve(`/morning/${encodeURIComponent(card.machine.code)}`)}
			>Morning sheet{card.morning === null
				? ': not yet'
				: !card.morning.mayStart
					? ': does not start'
					: card.morning.open
						? `: ${card.morning.open} open`
						: ' ✓'}</a
		>
	</p>
	{#if card.others.length}<p class="others">
			Also open:
			{#each card.others.slice(0, MAX) as s (s.id)}<a href={resolve(`/setups/${s.id}`)}
					>{s.id} {s.part}, {STATE_WORDS[s.state]?.toLowerCase()}</a
				>{/each}
			{#if card.others.length > MAX}<a
					href={resolve(`/setups?search=${encodeURIComponent(card.machine.code)}`)}
					>and {card.others.length - MAX} more</a
				>{/if}
		</p>{/if}
</article>

<style>
	article {
		display: grid;
		grid-template-columns: 118px 1fr;
		gap: var(--s-6) var(--s-16);
		padding: var(--s-16) var(--s-16) var(--s-10);
		position: relative;
	}
	h2 {
		font-size: var(--type-head);
	}
	h2 a {
		color: var(--ink);
		text-decoration: none;
	}
	h2 a::after {
		content: '';
		position: absolute;
		inset: 0;
	}
	article:hover {
		border-color: var(--edge);
	}
	article:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	.state {
		display: flex;
		gap: var(--s-8);
		align-items: center;
		font-weight: 650;
		margin: var(--s-8) 0 var(--s-8);
	}
	.mark {
		font-weight: 680;
		font-size: var(--type-text);
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.text {
		min-width: 0;
	}
	.life {
		grid-column: 1 / -1;
		display: grid;
		grid-template-columns: 1fr auto;
		gap: var(--s-4) var(--s-10);
		font-size: var(--type-small);
		align-items: baseline;
	}
	.life > span:first-of-type {
		overflow: hidden;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.bar {
		grid-column: 1 / -1;
		height: 7px;
		background: var(--bar);
	}
	.bar i {
		display: block;
		height: 7px;
		background: var(--steel);
	}
	.bar .low {
		background: var(--caution);
	}
	.others {
		grid-column: 1 / -1;
		font-size: var(--type-small);
		color: var(--ink2);
		display: flex;
		flex-wrap: wrap;
		gap: 0 var(--s-12);
	}
	.others a {
		position: relative;
		min-height: 26px;
		display: inline-flex;
		align-items: center;
	}
	.others .stop {
		color: var(--stop);
		font-weight: 650;
	}
	.dia {
		color: var(--ink2);
	}
</style>
