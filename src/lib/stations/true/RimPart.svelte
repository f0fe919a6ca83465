<script lang="ts">
	import { untrack } from 'svelte';
	import { lastRead, runoutLimitUm, runoutStep } from '$core/route/stations/true/steps';
	import RunoutFace from '$lib/drawing/RunoutFace.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { outputOf, preview } from '$lib/desk/preview';
	import OddQuestion from './OddQuestion.svelte';
	import RoundReader from './RoundReader.svelte';
	import RunoutAnswer from './RunoutAnswer.svelte';
	import { type RunoutOut, drawnOf, filledOf, placesOf, withPlaces } from './runout-view';

	/** The rim read once round. */
	let { desk, draft, ondone }: { desk: Desk; draft: Record<string, unknown> | null; ondone: () => void } =
		$props();
	const entry = untrack(() =>
		withPlaces(
			new Entry({
				fields: runoutStep.fields,
				key: `setup-${desk.facts.id}-true`,
				draft,
				system: desk.facts.units
			})
		)
	);
	$effect(() => entry.switchTo(desk.facts.units));
	const p = $derived(preview(runoutStep, desk.facts, null, { ...entry.result.values, oddKept: true }));
	const filled = $derived(filledOf(entry));
	const before = $derived(lastRead(desk.facts));
	const out = $derived(
		(outputOf(p, 'true.runout') ??
			(filled === 0 && before?.calculation === 'true.runout' ? before.output : null)) as RunoutOut | null
	);
	const turned = $derived(
		String(entry.typed.wheelTurned ?? 'counter-clockwise') as 'counter-clockwise' | 'clockwise'
	);
	/** The high spot elsewhere than last time, though nothing was moved: the mark, or the wheel. */
	const shifted = $derived.by(() => {
		if (
			!before ||
			filled === 0 ||
			!out ||
			desk.facts.records.some((r) => r.station === 'true' && r.step === 'seat' && r.id > before.id)
		)
			return null;
		const was = before.output as { eccentricityUm: number; highSpotAngleDeg: number };
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
		readingsUm={filled ? drawnOf(entry) : out && before ? (before.input.readingsUm as number[]) : []}
		{turned}
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
		gap: 20px;
		margin-top: 10px;
		align-items: start;
	}
	.answer {
		min-width: 0;
	}
	.warn {
		border-left: 4px solid var(--caution);
		padding: 3px 12px;
		background: var(--caution-soft);
		max-width: none;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
