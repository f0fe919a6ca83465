<script lang="ts">
	import { onDestroy } from 'svelte';
	import { figure, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		/** One stroke, in seconds. */
		beatS: number;
		achieved: number | null;
		/** Where the time that was tapped goes. */
		entry: Entry;
		units: System;
		field?: string;
	}
	/** The pace of a hand traverse: a light that runs across in one stroke, a tick at each end, and the stroke timed by tapping. */
	let { beatS, achieved, entry, units, field = 'measuredPassTimeS' }: Props = $props();
	let running = $state(false);
	let sound = $state(false);
	let audio: AudioContext | null = null;
	let timer: ReturnType<typeof setInterval> | undefined;
	let taps = $state<number[]>([]);
	function tick() {
		if (!sound) return;
		audio ??= new AudioContext();
		const tone = audio.createOscillator();
		const gain = audio.createGain();
		tone.frequency.value = 880;
		gain.gain.setValueAtTime(0.2, audio.currentTime);
		gain.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + 0.08);
		tone.connect(gain).connect(audio.destination);
		tone.start();
		tone.stop(audio.currentTime + 0.09);
	}
	function stop() {
		clearInterval(timer);
		running = false;
	}
	function start() {
		clearInterval(timer);
		running = true;
		tick();
		timer = setInterval(tick, Math.max(200, 1000 * beatS));
	}
	/** Tapped at each end of a stroke; the mean of the strokes since the first tap counts. */
	function tap() {
		const now = performance.now();
		taps = taps.length && now - taps.at(-1)! > 60_000 ? [now] : [...taps, now];
		if (taps.length > 1)
			entry.set(field, figure((taps.at(-1)! - taps[0]!) / (taps.length - 1) / 1000, 's', units));
	}
	$effect(() => {
		void beatS;
		if (running) start();
	});
	onDestroy(() => {
		stop();
		void audio?.close();
	});
</script>

<section aria-label="Pace by hand">
	<p class="lab">One stroke in</p>
	<p class="num big">{beatS.toFixed(1)} s <span>{(60 / beatS).toFixed(1)} a minute</span></p>
	<div class="way" aria-hidden="true">
		<i class:go={running} style="animation-duration:{(2 * beatS).toFixed(2)}s"></i>
	</div>
	<div class="row">
		<button class="btn" class:on={running} aria-pressed={running} onclick={() => (running ? stop() : start())}
			>{running ? 'Stop the beat' : 'Beat'}</button
		>
		<button class="btn" class:on={sound} aria-pressed={sound} onclick={() => (sound = !sound)}>Sound</button>
		<button class="btn" onclick={tap}
			>Tap each end{taps.length > 1 ? `, ${taps.length - 1} strokes` : ''}</button
		>
	</div>
	{#if achieved !== null}<p>Lead really made: <b class="num">{quantity(achieved, 'um', units)}</b></p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: var(--s-4);
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.big {
		font-size: var(--type-figure);
		font-weight: 700;
	}
	.big span {
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
	.way {
		height: 14px;
		background: var(--bar);
		position: relative;
		overflow: hidden;
	}
	i {
		position: absolute;
		left: 0;
		top: 0;
		width: 14px;
		height: 14px;
		background: var(--act);
	}
	.go {
		animation: across linear infinite;
	}
	@keyframes across {
		0%,
		100% {
			left: 0;
		}
		50% {
			left: calc(100% - 14px);
		}
	}
	@media (prefers-reduced-motion: reduce) {
		.go {
			animation: none;
		}
	}
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
</style>
