<script lang="ts">
	import { onDestroy } from 'svelte';
	import { quantity } from '$core/quantity/format';
	import { standingDress } from '$core/route/stations/dress/trial-cut';
	import { tryOrNull } from '$core/calculation/attempt';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import PatchDrawing from '$lib/drawing/dress/PatchDrawing.svelte';
	import Progress from '$lib/ui/feedback/Progress.svelte';
	import type { PatchDone, PatchMessage } from '$lib/workers/patch-maker';

	interface Props {
		desk: SetupSession;
	}
	/** A patch of this wheel simulated in the background, as it is dressed now and at half the lead: what changes, and why. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	let worker: Worker | null = null;
	let share = $state<number | null>(null);
	let done = $state.raw<PatchDone[] | null>(null);
	let trouble = $state('');
	const dress = $derived(tryOrNull(() => standingDress(facts)));
	const cancel = () => {
		worker?.terminate();
		worker = null;
		share = null;
	};
	function start() {
		cancel();
		done = null;
		trouble = '';
		const d = dress;
		if (!d || !facts.wheel?.gritMeanUm) return;
		const input = {
			grainSizeUm: facts.wheel.gritMeanUm,
			structureNumber: facts.wheel.structure ?? undefined,
			tipRadiusUm: 300,
			depthUm: d.depthUm,
			leadUm: Math.min(2000, Math.max(5, d.leadUm)),
			wheelDiameterMm: facts.wheel.diameterMm,
			seed: facts.id
		};
		share = 0;
		worker = new Worker(new URL('../../workers/patch-maker.ts', import.meta.url), { type: 'module' });
		worker.onmessage = ({ data }: MessageEvent<PatchMessage>) => {
			if ('share' in data) share = data.share;
			else {
				cancel();
				if ('fault' in data) trouble = data.fault;
				else done = data.done;
			}
		};
		worker.postMessage([input, { ...input, leadUm: Math.max(5, input.leadUm / 2) }]);
	}
	onDestroy(cancel);
	const times = (k: 'raUm' | 'flatSharePercent' | 'activePerMm2') =>
		done && done[0]!.result[k] ? (done[1]!.result[k] / done[0]!.result[k]).toFixed(2) : '-';
</script>

<section aria-label="Patch of the wheel">
	<h3>A patch of the wheel, simulated</h3>
	{#if dress}
		<div class="row">
			<button class="btn" onclick={start} disabled={share !== null}>Make a patch</button>
		</div>
		{#if share !== null}<Progress
				label="Making the patch"
				done={Math.round(100 * share)}
				of={100}
				oncancel={cancel}
			/>{/if}
		{#if done}<PatchDrawing patch={done[0]!} units={facts.units} />
			<p>
				At half the lead ({quantity(dress.leadUm / 2, 'um', facts.units)}): Ra times
				<b class="num">{times('raUm')}</b>, flats times <b class="num">{times('flatSharePercent')}</b>, grains
				that cut times
				<b class="num">{times('activePerMm2')}</b>.
			</p>
			<p class="quiet">Its values are no predictions, its ratios are.</p>{/if}
		{#if trouble}<p class="fault">{trouble}</p>{/if}
	{:else}<p class="quiet">Set a dress with a lead first.</p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
	}
	.row {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		flex-wrap: wrap;
	}
</style>
