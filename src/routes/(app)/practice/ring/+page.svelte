<script lang="ts">
	import { resolve } from '$app/paths';
	import { invalidateAll } from '$app/navigation';
	import { onMount } from 'svelte';
	import { qLimits } from '$core/inspect/ring/listen';
	import { tapNotes, tapWords } from '$core/inspect/ring/tap-words';
	import {
		TRAINED,
		TRAINED_LESSONS,
		TRAINED_WORDS,
		type Trained,
		drawWheel
	} from '$core/inspect/ring/trainer';
	import Waveform from '$lib/drawing/Waveform.svelte';
	import { Listening } from '$lib/stations/inspect/listening.svelte';
	import NoteChart from '$lib/stations/inspect/NoteChart.svelte';
	import Progress from '$lib/ui/feedback/Progress.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	let { data } = $props();
	let seed = $state(data.seed);
	let score = $state(data.score);
	let answered = $state<Trained | null>(null);
	const sender = new Sender();
	const drawn = $derived(drawWheel(seed));
	const bond = $derived(drawn.condition === 'organic' ? 'resin' : 'vitrified');
	const ears = new Listening(() => ({
		minTaps: 4,
		bandLowHz: 150,
		...qLimits(bond),
		tapAnglesDeg: null,
		expectedFrequencyHz: null,
		baseline: null
	}));
	const odd = $derived(
		ears.result
			? tapNotes(ears.result)
					.filter((t) => t.lower || t.higher || t.shorter)
					.map((t) => t.tap)
			: []
	);
	const right = $derived(answered !== null && answered === drawn.condition);
	const missed = $derived(
		answered !== null &&
			(drawn.condition === 'cracked' || drawn.condition === 'damped') &&
			(answered === 'clear' || answered === 'organic')
	);
	const ready = $derived(ears.stage === 'heard');
	onMount(() => {
		ears.play(drawn.parts);
		return () => ears.close();
	});
	async function say(what: Trained) {
		if (answered || !ready || sender.busy) return;
		const sent = await sender.submit('/api/practice/ring', { seed, answered: what });
		if (!sent) return;
		answered = what;
		score = sent.score as typeof score;
	}
	async function next() {
		await invalidateAll();
		answered = null;
		seed = data.seed;
		ears.play(drawn.parts);
	}
	const toggle = () => (ears.playing >= 0 ? ears.stopPlaying() : void ears.listenTo());
	function keys(e: KeyboardEvent) {
		if (
			e.ctrlKey ||
			e.metaKey ||
			e.altKey ||
			(e.target instanceof HTMLElement && e.target.matches('input, select, textarea'))
		)
			return;
		const n = Number(e.key);
		if (n >= 1 && n <= TRAINED.length) {
			e.preventDefault();
			void say(TRAINED[n - 1]!);
		} else if (e.key === 'p' || e.key === 'P') {
			e.preventDefault();
			toggle();
		} else if (
			e.key === 'Enter' &&
			answered &&
			!(e.target instanceof HTMLElement && e.target.matches('a, button'))
		) {
			e.preventDefault();
			void next();
		}
	}
</script>

<svelte:head><title>Ear trainer - Uncinus</title></svelte:head>
<svelte:window onkeydown={keys} />
<main class="page">
	<p><a href={resolve('/practice')}>Practice</a></p>
	<div class="head">
		<h1>Ear trainer</h1>
		<p class="lead">Eight taps round one wheel. Listen as often as you like, then say what it is.</p>
		<span class="sp"></span>
		<p class="score" aria-label="Your score">
			<b class="num">{score.right}</b> of <b class="num">{score.rounds}</b> right, {score.streak} in a row{score.missed
				? `, ${score.missed} damaged let through`
				: ''}
		</p>
	</div>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	{#if ears.trouble}<p class="fault" role="alert">{ears.trouble}</p>{/if}
	<div class="sheet">
		{#if ears.stage === 'reading' || ears.stage === 'listening'}<Progress
				label="Ringing the wheel"
				done={Math.round(100 * ears.share)}
				of={100}
			/>
		{:else}
			<button class="btn play" class:act={!answered} disabled={!ready} onclick={toggle}
				>{ears.playing >= 0 ? 'Stop' : 'Play the wheel'} <kbd>P</kbd></button
			>
			<fieldset>
				<legend>What do you hear?</legend>{#each TRAINED as t, i (t)}<button
						class="btn"
						class:on={answered === t}
						aria-pressed={answered === t}
						disabled={!ready}
						aria-disabled={answered !== null && answered !== t}
						onclick={() => say(t)}>{TRAINED_WORDS[t]} <kbd>{i + 1}</kbd></button
					>{/each}
			</fieldset>
			{#if answered && ears.picture && ears.result}
				<p class="head2" class:stop={missed} role="status">
					<VerdictMark state={right ? 'ok' : missed ? 'stop' : 'caution'} size={28} label="" />{right
						? `Right: ${TRAINED_WORDS[drawn.condition].toLowerCase()}.`
						: `It was: ${TRAINED_WORDS[drawn.condition].toLowerCase()}.${missed ? ' You would have mounted it.' : ''}`}
				</p>
				<p>{TRAINED_LESSONS[drawn.condition]} {tapWords(ears.result)}</p>
				<Waveform
					low={ears.picture.low}
					high={ears.picture.high}
					seconds={ears.picture.seconds}
					taps={ears.result.onsetsS}
					{odd}
					height={110}
				/>
				{#if ears.result.mainFrequencyHz !== null}<div class="pair">
						<div>
							<h2>Notes of the taps</h2>
							<NoteChart picture={ears.picture} {odd} kind="notes" height={170} />
						</div>
						<div>
							<h2>How each dies away</h2>
							<NoteChart picture={ears.picture} {odd} kind="decay" height={170} />
						</div>
					</div>
					<p class="num">
						{ears.result.mainFrequencyHz.toFixed(0)} Hz, Q {ears.result.q?.toFixed(0)}, split {ears.result.splitPct?.toFixed(
							1
						)} %
					</p>{/if}
				<button class="btn act" onclick={next}>Next wheel <kbd>Enter</kbd></button>
			{:else if ready}<p class="quiet">
					Two of the five are damaged and must never be mounted. An organic bond only hums; that is how it is.
				</p>{/if}
		{/if}
	</div>
</main>

<style>
	.sheet {
		padding: var(--s-16) var(--s-20);
		display: grid;
		gap: var(--s-12);
		justify-items: start;
		max-width: 980px;
		min-height: 260px;
	}
	.sheet :global(svg[role='img']:not([width='28'])) {
		max-width: 100%;
	}
	.play {
		min-width: 200px;
	}
	fieldset {
		border: 0;
		padding: 0;
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-8);
	}
	legend {
		font-weight: 650;
		margin-bottom: var(--s-6);
	}
	.head2 {
		font: 700 var(--type-figure)/1.2 var(--text);
		display: flex;
		gap: var(--s-10);
		align-items: center;
	}
	.stop {
		color: var(--stop);
	}
	.pair {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-20);
		width: 100%;
	}
	.pair > div {
		min-width: 0;
	}
	h2 {
		font-size: var(--type-label);
		margin-bottom: var(--s-4);
	}
	@media (max-width: 900px) {
		.pair {
			grid-template-columns: 1fr;
		}
	}
</style>
