<script lang="ts">
	import { Evidence, partOf } from '$core/route/evidence';
	import { highSpotRead, lastRead, runoutLimitUm } from '$core/route/stations/true/readings';
	import { readThatCounts } from '$core/route/stations/true/known-runout';
	import { runoutStep, seatStep } from '$core/route/stations/true/steps';
	import { runout } from '$core/true/runout';
	import RunoutFace from '$lib/drawing/RunoutFace.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import OddQuestion from './OddQuestion.svelte';
	import RoundReader from './RoundReader.svelte';
	import RunoutAnswer from './RunoutAnswer.svelte';
	import { drawnOf, filledOf, placesOf, turnedOf, withPlaces } from './runout-view';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The rim read once round. */
	let { desk, ondone }: Props = $props();
	const entry = withPlaces(stepEntry(desk, runoutStep, { anew: true }));
	const p = $derived(preview(runoutStep, desk.facts, null, { ...entry.result.values, oddKept: true }));
	const filled = $derived(filledOf(entry));
	const before = $derived(lastRead(desk.facts));
	/** Before anything is typed the last readings stay on show. */
	const shown = $derived(
		filled === 0 ? (partOf(readThatCounts(Evidence.of(desk.facts)), runout)?.output ?? null) : null
	);
	const out = $derived(p.main ?? shown);
	const readingsBefore = $derived(
		out && Array.isArray(before?.input.readingsUm) ? (before.input.readingsUm as number[]) : []
	);
	/** The high spot elsewhere than last time, though nothing was moved: the mark, or the wheel. */
	const shifted = $derived.by(() => {
		if (!before || filled === 0 || !out || (Evidence.of(desk.facts).step(seatStep)?.id ?? 0) > before.id)
			return null;
		const was = highSpotRead(desk.facts);
		if (!was) return null;
		const by = Math.abs(((out.highSpotAngleDeg - was.highSpotAngleDeg + 540) % 360) - 180);
		return was.eccentricityUm > 10 && out.eccentricityUm > 10 && by > 45 ? by : null;
	});
	async function act() {
		if (!(await desk.record('true', 'runout', entry))) return;
		entry.fill({});
		withPlaces(entry);
		await entry.recorded();
		ondone();
	}
</script>

<div class="cols">
	<RunoutFace
		readingsUm={filled ? drawnOf(entry) : readingsBefore}
		turned={turnedOf(entry)}
		{out}
		at={filled < placesOf(entry) ? filled : -1}
		places={placesOf(entry)}
	/>
	<RoundReader {entry} key="read" />
	<div class="answer">
		<OddQuestion {entry} /><RunoutAnswer
			{out}
			units={desk.facts.units}
			{filled}
			places={placesOf(entry)}
			limit={runoutLimitUm(desk.facts)}
		/>
	</div>
</div>
{#if shifted !== null}<p class="warn">
		The high spot lies {shifted.toFixed(0)}° from where it was last read, and nothing was moved meanwhile. Is
		the witness mark still the same, and did the wheel slip?
	</p>{/if}
{#if out && filled > 0}<Reasons reasons={out.reasons} />{/if}
<ActionBar
	label={out && out.tirUm <= runoutLimitUm(desk.facts) ? 'Runs true already' : 'Book the readings'}
	onact={act}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(220px, 310px) auto minmax(0, 1fr);
		gap: var(--s-20);
		margin-top: var(--s-10);
		align-items: start;
	}
	.answer {
		min-width: 0;
	}
	.warn {
		border-left: 4px solid var(--caution);
		padding: var(--s-4) var(--s-12);
		background: var(--caution-soft);
		max-width: none;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
