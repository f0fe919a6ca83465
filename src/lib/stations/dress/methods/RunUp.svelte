<script lang="ts">
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { onDestroy } from 'svelte';
	import { rollRunUp, upToSpeedS } from '$core/dress/stand-ins/run-up';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		setRpm: number;
		units: System;
	}
	/** The drive of the trainer: the roll runs up to its speed and slips a little once it is under load. */
	let { setRpm, units }: Props = $props();
	const [STEP_S, SLIP] = [0.1, 0.02];
	let atS = $state<number | null>(null);
	let timer: ReturnType<typeof setInterval> | undefined;
	const rpm = $derived(
		atS === null ? 0 : rollRunUp({ setRpm, afterS: atS, slipShare: atS > upToSpeedS() ? SLIP : 0 })
	);
	const ready = $derived(atS !== null && atS >= upToSpeedS());
	function start() {
		clearInterval(timer);
		atS = 0;
		timer = setInterval(() => {
			atS = (atS ?? 0) + STEP_S;
			if (atS > 2 * upToSpeedS()) clearInterval(timer);
		}, 1000 * STEP_S);
	}
	onDestroy(() => clearInterval(timer));
</script>

<p>
	<Simulated><button class="btn" onclick={start}>Drive stand-in</button></Simulated>
	{#if atS !== null}<span class="num">{quantity(Math.round(rpm), 'rpm', units)}</span>
		{ready ? `up to speed, slips ${100 * SLIP} % under load` : 'running up: not yet on the wheel'}{:else}<span
			class="quiet">needs {upToSpeedS().toFixed(0)} s to run up before it touches</span
		>{/if}
</p>
