<script lang="ts">
	import Pause from '@lucide/svelte/icons/pause';
	import Play from '@lucide/svelte/icons/play';
	import { onDestroy } from 'svelte';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Above the form, pass by pass. */
		remaining: readonly number[];
		pass: number;
		/** How far along the path the tool stands. */
		share: number;
		/** It runs from the right. */
		reversed: boolean;
		units: System;
	}
	/** Plays the program pass by pass: the tool runs along the path, the next pass lies nearer to the form. */
	let { remaining, pass = $bindable(), share = $bindable(), reversed, units }: Props = $props();
	const PASS_MS = 1600;
	let playing = $state(false);
	let frame = 0;
	let last = 0;
	onDestroy(() => cancelAnimationFrame(frame));
	/** How far the run of this pass has come, from where it begins. */
	let run = $state(0.4);
	let begun = false;
	$effect(() => {
		share = reversed ? 1 - run : run;
	});
	function tick(now: number) {
		const gone = last ? (now - last) / PASS_MS : 0;
		last = now;
		run += gone;
		if (run >= 1) {
			if (pass >= remaining.length - 1) {
				run = 1;
				playing = false;
				return;
			}
			run = 0;
			pass++;
		}
		frame = requestAnimationFrame(tick);
	}
	function toggle() {
		playing = !playing;
		if (!playing) return cancelAnimationFrame(frame);
		// The picture begins with the last pass; playing begins with the first.
		if (!begun || (run >= 1 && pass >= remaining.length - 1)) pass = 0;
		if (!begun || run >= 1) run = 0;
		begun = true;
		last = 0;
		frame = requestAnimationFrame(tick);
	}
</script>

<div class="row">
	<button class="btn" onclick={toggle}
		>{#if playing}<Pause size={16} />Hold{:else}<Play size={16} />Play{/if}</button
	>
	<label
		>Pass {pass + 1} of {remaining.length}, {quantity(remaining[pass] ?? 0, 'um', units)} left after it<input
			type="range"
			min="0"
			max={Math.max(0, remaining.length - 1)}
			bind:value={pass}
		/></label
	>
</div>

<style>
	.row {
		display: flex;
		gap: var(--s-12);
		align-items: center;
	}
	label {
		flex: 1;
		display: grid;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	input {
		width: 100%;
		min-height: 34px;
		accent-color: var(--act);
	}
</style>
