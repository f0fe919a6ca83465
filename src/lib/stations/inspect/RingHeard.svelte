<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import type { RingResult } from '$core/inspect/ring/listen';
	import { tapNotes } from '$core/inspect/ring/tap-words';
	import { type RingContext, stiffness } from '$core/route/wheel-ring';
	import type { WheelFacts } from '$core/facts/wheel';
	import BatchStrip from '$lib/drawing/BatchStrip.svelte';
	import Waveform from '$lib/drawing/Waveform.svelte';
	import type { Listening } from './listening.svelte';
	import RingFigures from './RingFigures.svelte';
	import TapTable from './TapTable.svelte';

	interface Props {
		ears: Listening;
		result: RingResult;
		context: RingContext;
		wheel?: WheelFacts | null;
	}
	/** What a recording shows: its shape, the notes of its taps, the figures; tap by tap when opened. */
	let { ears, result, context, wheel = null }: Props = $props();
	const odd = $derived(
		tapNotes(result)
			.filter((t) => t.lower || t.higher || t.shorter)
			.map((t) => t.tap)
	);
	const stiff = $derived(
		wheel && result.mainFrequencyHz !== null
			? stiffness(wheel, result.mainFrequencyHz, context.batchGPa)
			: null
	);
	const main = $derived(result.mainFrequencyHz ?? 0);
	const parted = $derived(
		result.splitPct !== null && result.splitPct > Math.max(1, result.splitResolvablePct ?? 0)
	);
	const twins = $derived.by((): [number, number] | null => {
		if (!parted) return null;
		const [low, high] = [Math.min(...result.tapFrequencyHz), Math.max(...result.tapFrequencyHz)];
		return high - low > 0.004 * main
			? [low, high]
			: [main * (1 - result.splitPct! / 200), main * (1 + result.splitPct! / 200)];
	});
	let open = $state(false);
</script>

{#if ears.picture}
	<div class="pair">
		<div>
			<h2>{result.tapCount} {result.tapCount === 1 ? 'tap' : 'taps'}</h2>
			<Waveform
				low={ears.picture.low}
				high={ears.picture.high}
				seconds={ears.picture.seconds}
				taps={result.onsetsS}
				{odd}
				height={108}
			/>
		</div>
		{#if result.mainFrequencyHz !== null}<div>
				<h2>Notes of the taps{parted ? ', split in two' : ''}</h2>
				<Lazy
					load={() => import('./NoteChart.svelte')}
					given={{
						picture: ears.picture,
						odd,
						kind: 'notes' as const,
						expectedHz: context.settings.expectedFrequencyHz,
						twins,
						height: 108
					}}
				/>
			</div>{/if}
	</div>
{/if}
{#if result.mainFrequencyHz !== null}
	<RingFigures {result} {context} {stiff} />
	<button class="link more" aria-expanded={open} onclick={() => (open = !open)}
		>{open ? 'Hide tap by tap' : 'Tap by tap'}</button
	>
	{#if open}
		<div class="pair">
			<TapTable {result} angles={context.settings.tapAnglesDeg} onplay={(i) => ears.listenTo(i)} />
			<div>
				{#if ears.picture}<h2>How each dies away</h2>
					<Lazy
						load={() => import('./NoteChart.svelte')}
						given={{ picture: ears.picture, odd, kind: 'decay' as const, height: 180 }}
					/>{/if}{#if stiff}<h2>Against its batch</h2>
					<BatchStrip own={stiff.modulusGPa} others={context.batchGPa} middle={stiff.batchMedianGPa} />{/if}
			</div>
		</div>
	{/if}
{/if}

<style>
	.more {
		align-self: start;
		justify-self: start;
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-20);
		align-items: start;
		margin-bottom: var(--s-6);
	}
	h2 {
		font-size: var(--type-label);
		margin-bottom: var(--s-4);
	}
	.pair > div {
		min-width: 0;
	}
	@media (max-width: 1000px) {
		.pair {
			grid-template-columns: 1fr;
		}
	}
</style>
