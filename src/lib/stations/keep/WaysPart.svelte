<script lang="ts">
	import { untrack } from 'svelte';
	import { redressInterval } from '$core/keep/redress-interval';
	import { Evidence, partOf } from '$core/route/evidence';
	import { forecastStep } from '$core/route/stations/keep/forecast';
	import { intervalStep } from '$core/route/stations/keep/interval';
	import { redressCycle } from '$core/route/stations/keep/redress-cycle';
	import { strategiesStep } from '$core/route/stations/keep/strategies';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import TwoWays from '$lib/drawing/keep/TwoWays.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Little and often, or much and seldom: what each gives and costs. */
	let { desk, ondone }: Props = $props();
	const f = untrack(() => desk.facts);
	const e = Evidence.of(f);
	const loop = redressCycle(f);
	const wear = partOf(e.step(intervalStep), redressInterval);
	const told = e.step(forecastStep)?.entered;
	const now = loop.insideMm.length && loop.partMm ? loop.partMm / loop.insideMm.length : loop.lengthMm;
	const side = {
		intervalMm: now ?? undefined,
		redressUm: f.sums.lastTakenUm ?? undefined,
		redressTimeS: told?.redressTimeMin
			? 60 * told.redressTimeMin
			: desk.ours?.redressS?.enough
				? desk.ours.redressS.median
				: undefined
	};
	const start = {
		partDepthMm: loop.partMm ?? undefined,
		wheelCost: told?.wheelCost,
		labourCostPerHour: told?.labourCostPerHour,
		lossUmPerMm: wear?.output.lossUmPerMm,
		formToleranceUm: typeof wear?.input.formToleranceUm === 'number' ? wear.input.formToleranceUm : undefined,
		a: side,
		b: {
			intervalMm: now ? 2 * now : undefined,
			redressUm: side.redressUm ? 2 * side.redressUm : undefined,
			redressTimeS: side.redressTimeS
		}
	};
</script>

<p class="lead">The first is how it is redressed now; tell the other. Nothing here changes the job.</p>
<StepForm {desk} step={strategiesStep} action="Keep this comparison" {start} {ondone}>
	{#snippet drawing(out)}
		{#if out}<TwoWays a={out.a} b={out.b} better={out.better} saving={out.savingPerPart} />
		{:else}<p class="quiet">
				Both ways with what they take off and how long they last: then they stand here.
			</p>{/if}
	{/snippet}
</StepForm>
