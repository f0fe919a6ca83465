<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { clearanceOf, highSpotRead } from '$core/route/stations/true/readings';
	import { seatStep } from '$core/route/stations/true/steps';
	import SeatDrawing from '$lib/drawing/SeatDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Which way to push the wheel within its play, how far, and what would remain; or how to turn it on its seat. */
	let { desk, ondone }: Props = $props();
	const read = $derived(highSpotRead(desk.facts)!);
	const q = (v: number) => quantity(v, 'um', desk.facts.units);
</script>

<p class="quiet">
	High at {read.highSpotAngleDeg.toFixed(0)}°, {q(read.eccentricityUm)} off centre. A wheel hung on its seat sits
	displaced downwards: say where down was.
</p>
<StepForm
	{desk}
	step={seatStep}
	start={{ boreClearanceUm: clearanceOf(desk.facts) ?? undefined }}
	action="Pushed, read again"
	{ondone}
>
	{#snippet drawing(o, v)}
		<SeatDrawing
			clearanceUm={Number(v.boreClearanceUm) || 0}
			nowUm={typeof v.seatAngleDeg === 'number'
				? typeof v.seatOffsetUm === 'number'
					? v.seatOffsetUm
					: Number(v.boreClearanceUm) / 2 || 0
				: null}
			nowAngle={typeof v.seatAngleDeg === 'number' ? v.seatAngleDeg : 0}
			move={o ? { um: o.moveUm, angle: o.moveAngleDeg } : null}
			words={o
				? `Push ${q(o.moveUm)} towards ${o.moveAngleDeg.toFixed(0)} degrees; ${q(o.remainingTirUm)} of run-out would remain.`
				: ''}
		/>
		{#if o}
			<p class="lab">Push towards <b class="num">{o.moveAngleDeg.toFixed(0)}°</b></p>
			<p class="num big">{q(o.moveUm)}</p>
			<p>
				{o.remainingBestUm === o.remainingWorstUm
					? `${q(o.remainingTirUm)} of run-out would remain`
					: `between ${q(2 * o.remainingBestUm)} and ${q(o.remainingTirUm)} would remain`}; the play ends {q(
					Number(v.boreClearanceUm) / 2
				)} from the middle.
			</p>
			{#if o.rotate}<p>
					Or turn the wheel <b class="num">{o.rotate.turnAngleDeg.toFixed(0)}°</b> clockwise on its seat: {q(
						2 * o.rotate.remainingUm
					)} would remain.
				</p>{/if}
		{/if}
	{/snippet}
</StepForm>

<style>
	.lab {
		color: var(--ink2);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
