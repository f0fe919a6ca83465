<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		entry: Entry;
		cut: {
			roughPasses: number;
			roughInfeedUm: number;
			finishPasses: number;
			finishInfeedUm: number;
			sparkOutPasses: number;
			totalPasses: number;
		};
		units: System;
		/** What the machine's infeed dial shows for a bite, in its divisions. */
		dial?: (biteUm: number) => number | null;
	}
	/** Passes counted at the machine with one key. The count is kept as it grows, here and on the server, so a reload loses none. */
	let { entry, cut, units, dial = () => null }: Props = $props();
	const done = $derived(Number(entry.result.values.passesDone ?? 0));
	let paused = $state(false);
	const infeed = (i: number) =>
		i < cut.roughPasses ? cut.roughInfeedUm : i < cut.roughPasses + cut.finishPasses ? cut.finishInfeedUm : 0;
	const kind = (i: number) =>
		i < cut.roughPasses
			? 'rough'
			: i < cut.roughPasses + cut.finishPasses
				? 'fine'
				: i < cut.totalPasses
					? 'no feed'
					: 'more than planned';
	const divisionsOf = (biteUm: number) => {
		const n = dial(biteUm);
		return n === null ? '' : `, ${Number(n.toFixed(1))} ${n === 1 ? 'division' : 'divisions'}`;
	};
	const taken = (n: number) => Array.from({ length: n }, (_, i) => infeed(i)).reduce((s, x) => s + x, 0);
	/** A pass takes longer than this: what comes sooner is a finger that bounced. */
	const BOUNCE_MS = 300;
	let counted = 0;
	function count(by: number, e?: MouseEvent) {
		// The keyboard tells a key that is held from one that is pressed again.
		if (by > 0 && e?.detail) {
			const now = performance.now();
			if (now - counted < BOUNCE_MS) return;
			counted = now;
		}
		const n = Math.max(0, Math.min(1000, done + by));
		entry.set('passesDone', String(n));
		entry.fillOne('takenUm', n ? taken(n) : undefined);
	}
	function keys(e: KeyboardEvent) {
		if (
			e.code !== 'Space' ||
			e.repeat ||
			paused ||
			// The key ends where the plan does; one more is said so.
			done >= cut.totalPasses ||
			(e.target as HTMLElement).matches('input, textarea, select, button, a, summary')
		)
			return;
		e.preventDefault();
		count(1);
	}
</script>

<svelte:window onkeydown={keys} />
<section class="counter" aria-label="Pass counter" class:paused>
	<p class="lab">Passes made</p>
	<p class="num big" role="status">{done} <span>of {cut.totalPasses}</span></p>
	<p>
		{paused
			? 'Paused.'
			: done >= cut.totalPasses
				? 'All made. Coolant off, spin dry.'
				: `Next: ${kind(done)}${infeed(done) ? `, ${quantity(infeed(done), 'um', units)}${divisionsOf(infeed(done))}` : ''}.`}
	</p>
	<p class="quiet">{quantity(taken(done), 'um', units)} off the radius by the plan.</p>
	<div class="row">
		{#if done < cut.totalPasses}<button class="btn" onclick={(e) => count(1, e)} disabled={paused}
				>Pass made <kbd>Space</kbd></button
			>{:else}<button class="btn" onclick={() => count(1)} disabled={paused}>One more than planned</button
			>{/if}<button class="btn" onclick={() => count(-1)} disabled={paused || done === 0}>One back</button
		><button class="btn" class:on={paused} aria-pressed={paused} onclick={() => (paused = !paused)}
			>{paused ? 'Go on' : 'Pause'}</button
		>
	</div>
</section>

<style>
	.counter {
		border: 1.5px solid var(--act);
		background: var(--act-soft);
		padding: var(--s-10) var(--s-14);
		display: grid;
		gap: var(--s-4);
	}
	.paused {
		border-style: dashed;
		background: none;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1;
	}
	.big span {
		font-size: var(--type-head);
		font-weight: 500;
		color: var(--ink2);
	}
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		margin-top: var(--s-4);
	}
	.row .btn {
		padding: var(--s-6) var(--s-10);
		min-height: 38px;
	}
</style>
