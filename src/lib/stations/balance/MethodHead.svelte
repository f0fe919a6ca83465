<script lang="ts">
	import { page } from '$app/state';
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { onDestroy } from 'svelte';
	import { type HeadState, balancingHead } from '$core/balance/auto-head';
	import { hiddenFromHead } from '$core/route/stations/balance/own-balancer';
	import HeadDrawing from '$lib/drawing/HeadDrawing.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry;
		onrun: () => Promise<unknown>;
	}
	/** The machine's own balancer: what it shows is typed in, or its stand-in works itself down before one's eyes. */
	let { desk, entry, onrun }: Props = $props();
	const hidden = $derived(hiddenFromHead(desk.facts));
	let states = $state<HeadState[]>([]);
	let shown = $state(0);
	let timer: ReturnType<typeof setInterval> | undefined;
	onDestroy(() => clearInterval(timer));
	const at = $derived(states[Math.min(shown, states.length - 1)] ?? null);
	const running = $derived(states.length > 0 && shown < states.length);
	function run() {
		states = [
			...balancingHead({
				...hidden,
				start1AngleDeg: 0,
				start2AngleDeg: 180,
				stepDeg: 20,
				minStepDeg: 0.05,
				targetMmPerS: 0.02,
				maxMeasurements: 400,
				noiseMmPerS: 0
			})
		];
		shown = 0;
		clearInterval(timer);
		timer = setInterval(() => {
			if (++shown >= states.length) {
				clearInterval(timer);
				void onrun();
			}
		}, 70);
	}
	$effect(() => {
		if (entry.at('standIn') !== false) entry.typed.standIn = false;
	});
</script>

<p class="quiet">Guard shut, at speed, nobody in line with the rim.</p>
<div class="two">
	<QuantityField {entry} name="residualMmPerS" /><QuantityField {entry} name="sensitivityMmPerSPerGmm" />
</div>
<div class="head">
	<HeadDrawing
		mass1={at?.mass1AngleDeg ?? 0}
		mass2={at?.mass2AngleDeg ?? 180}
		mmPerS={at?.measuredMmPerS ?? null}
	/>
	<div>
		<p class="num big" role="status">{at ? at.measuredMmPerS.toFixed(2) : '-'} <span>mm/s</span></p>
		<p class="quiet">
			{running
				? `measuring, ${at?.measurements ?? 0} so far`
				: at
					? `${at.measurements} measurements`
					: page.data.simulators
						? 'No head here? Its stand-in shows how one works.'
						: 'Read off the machine when it has finished.'}
		</p>
		<Simulated
			><button class="btn" onclick={run} disabled={running || desk.busy}>Run the stand-in</button></Simulated
		>
	</div>
</div>

<style>
	.two {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: 0 var(--s-12);
	}
	.head {
		display: grid;
		grid-template-columns: 130px minmax(0, 1fr);
		gap: var(--s-16);
		align-items: center;
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1;
	}
	.big span {
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
</style>
