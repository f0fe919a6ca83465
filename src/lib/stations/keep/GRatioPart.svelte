<script lang="ts">
	import { untrack } from 'svelte';
	import { redressCycle } from '$core/route/stations/keep/redress-cycle';
	import { gRatioStep } from '$core/route/stations/keep/strategies';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** How much work this wheel grinds for what it wears, with the band that two readings leave. */
	let { desk, ondone }: Props = $props();
	const { q } = useUnits();
	const f = untrack(() => desk.facts);
	const measured = (desk.book?.lines ?? []).filter((l) => l.diameterMm !== null);
	const start = {
		diameterBeforeMm: measured.at(-2)?.diameterMm ?? undefined,
		diameterAfterMm: measured.at(-1)?.diameterMm ?? undefined,
		workDepthMm: redressCycle(f).partMm ?? undefined,
		partCount: f.sums.partsGround || undefined,
		dressLossUm: f.sums.lastTakenUm ?? undefined
	};
	const whole = (v: number | null) => (v === null ? 'no limit' : v.toFixed(1));
</script>

<StepForm {desk} step={gRatioStep} action="Keep this ratio" {start} {ondone} forget={['workVolumeMm3']}>
	{#snippet drawing(out)}
		{#if out}<p class="quiet">Work ground for each part of wheel worn</p>
			<p class="num big" role="status">{out.gRatio.toFixed(1)}</p>
			<p>between <b class="num">{whole(out.gLow)}</b> and <b class="num">{whole(out.gHigh)}</b></p>
			<p>with the dressing <b class="num">{out.gRatioWithDressing.toFixed(1)}</b></p>
			<p class="quiet">
				{q(out.radialWearUm, 'um')} worn off the radius, {q(out.radialWearPerPartUm, 'um')} a part.
			</p>
		{:else}<p class="quiet">
				What was ground between two readings of the diameter: then the ratio and its band stand here.
			</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
	}
</style>
