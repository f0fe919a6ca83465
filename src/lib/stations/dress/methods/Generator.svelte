<script lang="ts">
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { onDestroy } from 'svelte';
	import { type Spark, nextSpark, startOfSparks } from '$core/dress/stand-ins/generator';
	import { mulberry32 } from '$core/numeric/random';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		seed: number;
		gapUm: number;
		currentA: number;
		margin: number;
		flooded: boolean;
		units: System;
	}
	/** The generator of the trainer: gap, voltage and current as they would be seen, a short that pulls back, a wire that breaks. */
	let { seed, gapUm, currentA, margin, flooded, units }: Props = $props();
	const STEP_S = 0.1;
	let spark = $state<Spark | null>(null);
	let timer = $state<ReturnType<typeof setInterval> | undefined>(undefined);
	let random = mulberry32(1);
	function stop() {
		clearInterval(timer);
		timer = undefined;
	}
	function start() {
		stop();
		random = mulberry32(seed);
		spark = startOfSparks(2 * gapUm);
		timer = setInterval(() => {
			// Eccentric, the rim comes nearer and goes away again; what the sparks take off opens the gap.
			const approachUm = 0.12 * gapUm * (2 * random() - 1) + 0.02 * gapUm;
			spark = nextSpark(spark!, {
				stepS: STEP_S,
				setGapUm: gapUm,
				setCurrentA: currentA,
				approachUm,
				wireMargin: margin
			});
			if (spark.broken) stop();
		}, 1000 * STEP_S);
	}
	onDestroy(stop);
</script>

<Simulated
	><section aria-label="Generator stand-in">
		<button class="btn" disabled={!flooded} onclick={() => (timer ? stop() : start())}
			>{timer ? 'Stop the stand-in' : 'Generator stand-in'}</button
		>
		{#if !flooded}<span class="quiet">No spark before it is flooded.</span>{:else if spark}<span class="num"
				>{spark.voltageV.toFixed(0)} V, {spark.currentA.toFixed(1)} A, gap {quantity(
					spark.gapUm,
					'um',
					units
				)}</span
			>{#if spark.broken}<b class="bad">Wire broken: too much current for too long.</b
				>{:else if spark.short}<b>short, pulled back</b>{/if}{/if}
	</section></Simulated
>

<style>
	section {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		flex-wrap: wrap;
	}
	.bad {
		color: var(--stop);
	}
</style>
