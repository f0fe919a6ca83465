<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { page } from '$app/state';
	import { onMount } from 'svelte';
	import { clockPosition } from '$core/quantity/format';
	import {
		type RingFacts,
		contextOf,
		recordingThatCounts,
		ringOf,
		worstHeard
	} from '$core/route/stations/inspect/ring';
	import { tapNotes, tapWords } from '$core/inspect/ring/tap-words';
	import TapFace from '$lib/drawing/TapFace.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';
	import EarAsk from './EarAsk.svelte';
	import type { Listening } from './listening.svelte';
	import RingHeard from './RingHeard.svelte';
	import SoundSource from './SoundSource.svelte';

	interface Props {
		facts: RingFacts;
		entry: Entry;
		ears: Listening;
	}
	/** Ringing one wheel: where to tap, what was heard, and only then what the recording shows. */
	let { facts, entry, ears }: Props = $props();
	const { q } = useUnits();
	const wheel = $derived(facts.wheel!);
	const context = $derived(contextOf(facts));
	const counts = $derived(recordingThatCounts(facts));
	const heard = $derived((entry.typed.taps ?? []) as string[]);
	let at = $state(0);
	const tap = $derived(context.taps[Math.min(at, context.taps.length - 1)]!);
	const worst = $derived(worstHeard(heard.filter(Boolean)));
	const earDone = $derived(worst === 'dull' || context.taps.every((_, i) => heard[i]));
	/** The result of the recording in hand; a dull one made before counts above it. */
	const result = $derived(
		counts?.result.ring === 'dull' ? counts.result : (ears.result ?? counts?.result ?? null)
	);
	const shown = $derived(earDone && result !== null && (ears.stage === 'heard' || ears.stage === 'none'));
	const odd = $derived(
		shown && result
			? tapNotes(result)
					.filter((t) => t.lower || t.higher || t.shorter)
					.map((t) => t.tap)
			: []
	);
	const states = $derived(
		context.taps.map(
			(_, i) =>
				(heard[i] === 'dull' || (result?.ring === 'dull' && odd.includes(i + 1))
					? 'dull'
					: heard[i] === 'doubtful' || odd.includes(i + 1)
						? 'doubtful'
						: (heard[i] ?? '')) as 'clear' | 'doubtful' | 'dull' | ''
		)
	);
	const WORDS = {
		clear: 'clear',
		doubtful: 'doubtful',
		dull: 'dull',
		'unusable-recording': 'not to be judged'
	};
	const order = { '': 0, clear: 1, doubtful: 2, dull: 3 } as Record<string, number>;
	const standing = $derived(
		earDone && !shown && !result
			? worst
			: shown
				? worst === 'dull' || result!.ring === 'dull'
					? 'dull'
					: worst === 'doubtful' || result!.ring === 'doubtful'
						? 'doubtful'
						: 'clear'
				: null
	);
	/** Once the answer is shown the ear's word can only become worse. */
	function hear(what: 'clear' | 'doubtful' | 'dull') {
		if (shown && order[what]! < order[heard[at] ?? '']!) return;
		const list = [...heard];
		list[at] = what;
		entry.set('taps', list);
		if (at < context.taps.length - 1) at += 1;
	}
	const rest = (what: 'clear') => {
		entry.set(
			'taps',
			context.taps.map((_, i) => heard[i] ?? what)
		);
		at = context.taps.length - 1;
	};
	/** Another ring is heard afresh: the ear is asked again, unless it has said dull. */
	const again = () => {
		if (shown && worst !== 'dull') {
			entry.set('taps', []);
			at = 0;
		}
	};
	const reasons = $derived(shown && result ? result.reasons : []);
	const decision = $derived.by(() => {
		try {
			return ringOf(facts, heard).main.output;
		} catch {
			return null;
		}
	});
	const guessHz = $derived(
		context.settings.expectedFrequencyHz ??
			(context.usualHz ? Math.sqrt(context.usualHz[0] * context.usualHz[1]) : 900)
	);
	const keys = (e: KeyboardEvent) => {
		if (
			e.key.toLowerCase() !== 'r' ||
			e.ctrlKey ||
			e.metaKey ||
			e.altKey ||
			(e.target instanceof HTMLElement && e.target.matches('input, select, textarea'))
		)
			return;
		e.preventDefault();
		if (ears.mic.recording) ears.mic.stop();
		else if (ears.stage === 'none' || ears.stage === 'heard') {
			again();
			void ears.record(context.taps.length);
		}
	};
	onMount(() => {
		void ears.takeUp().then((taken) => {
			if (!taken && counts) void ears.reopen(counts.id, counts.source);
		});
		return () => ears.close();
	});
</script>

<svelte:window onkeydown={keys} />
<p class="lead">
	{context.method === 'stand' ? 'Standing on a clean hard floor' : 'Hung from a pin'}, dry, no flanges. {context
		.taps.length} taps, {q(Math.round(context.insetMm), 'mm')} in from the rim, turned an eighth between the sets.{context.expectedSound ===
	'muted'
		? ' An organic bond hums; it does not sing.'
		: ''}
</p>
<div class="cols">
	<TapFace
		places={context.taps.map((t) => t.wheelAngleDeg)}
		radius={context.tapRadiusMm}
		diameter={wheel.diameterMm}
		at={standing === 'dull' ? null : at}
		{states}
		held={context.method === 'stand' ? 'floor' : 'pin'}
		onpick={(i) => (at = i)}
	/>
	<div class="say">
		<EarAsk {heard} {at} count={context.taps.length} {shown} onhear={hear} onrest={rest} />
		{#if standing}
			<p class="head {standing}" role="status">
				<VerdictMark
					state={standing === 'dull' ? 'stop' : standing === 'doubtful' ? 'caution' : 'ok'}
					size={32}
					label=""
				/>{standing === 'dull'
					? 'Dull. Do not mount.'
					: standing === 'doubtful'
						? 'Not sure. Ring it again.'
						: 'Clear at every place.'}
			</p>
		{:else}
			<p class="head" role="status">{earDone ? 'Your ear has spoken.' : `Tap place ${at + 1}`}</p>
			{#if !earDone}<p>
					Tap with wood or plastic: place {at + 1} of {context.taps.length},
					<b class="num">{tap.wheelAngleDeg}°</b>
					from the mark, about {clockPosition(tap.wheelAngleDeg)} with the mark up.{tap.rotationDeg
						? ' Turned an eighth, so it hangs where the last set did.'
						: ''}
				</p>{/if}
		{/if}
		{#if shown && result}
			<p>
				<b>The recording: {WORDS[result.ring]}.</b>
				{result.ring === 'clear'
					? 'It never releases a wheel; your ear and the gate do.'
					: [...reasons.map((r) => r.message), tapWords(result)].slice(0, 3).join(' ')}
			</p>
			{#if result.ring === 'dull' && worst !== 'dull'}<p class="quiet">
					The worse of the two opinions counts. A dull recording stays until a lead clears the wheel after a
					new inspection.
				</p>{/if}
		{:else if result && !earDone}<p class="quiet">
				The recording is heard. Its answer is shown after yours.
			</p>{/if}
		{#if !shown && decision && standing === 'doubtful'}<Reasons reasons={decision.reasons} />{/if}
		<SoundSource
			{ears}
			planned={context.taps.length}
			frequencyHz={guessHz}
			tapAnglesDeg={context.settings.tapAnglesDeg ?? []}
			simulator={page.data.simulators === true}
			onnew={again}
		/>
	</div>
</div>
{#if shown && result && ears.result}<RingHeard
		{ears}
		{result}
		{context}
		{wheel}
	/>{:else if heard.some(Boolean) && !shown}<p>
		<button
			class="link"
			onclick={() => {
				entry.set('taps', []);
				at = 0;
			}}>Start the taps again</button
		>
	</p>{/if}

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(200px, 250px) 1fr;
		gap: var(--s-20);
		margin: var(--s-8) 0 var(--s-4);
		align-items: start;
	}
	.say {
		display: grid;
		gap: var(--s-8);
		min-width: 0;
	}
	.head {
		font: 700 var(--type-figure)/1.15 var(--text);
		display: flex;
		gap: var(--s-10);
		align-items: center;
	}
	.dull {
		color: var(--stop);
	}
	.doubtful {
		color: var(--caution);
	}
	@media (max-width: 760px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
