<script lang="ts">
	import { untrack } from 'svelte';
	import { jetStep, keepJetStep } from '$core/route/stations/prove/jet';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import JetDrawing from '$lib/drawing/prove/JetDrawing.svelte';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Pressure and nozzle for a jet as fast as the rim, and what the pump that is there gives. */
	let { desk, ondone }: Props = $props();
	const step = untrack(() => (desk.facts.state === 'under-way' ? jetStep : keepJetStep));
	const { q } = useUnits();
	const f = untrack(() => desk.facts);
	const rimMps = surfaceSpeedMps(f.wheel!.diameterMm, f.machine.spindleRpm);
	const start = { contactWidthMm: f.wheel!.rimWidthMm ?? f.wheel!.widthMm };
</script>

<p class="quiet">
	Aim along the rim into the gap, inside the guard, with the wheel standing. Never reach for a nozzle while it
	turns.
</p>
<StepForm {desk} {step} action="Jet set like this" {start} {ondone}>
	{#snippet drawing(out)}
		{#if out}<p class="quiet">Pressure at the nozzle</p>
			<p class="num big" role="status">{q(out.pressureBar, 'bar')}</p>
			<JetDrawing {rimMps} jetMps={out.jetSpeedFromPumpMps ?? out.jetSpeedMps} />
			<p>
				<b class="num">{q(out.flowLPerMin, 'l/min')}</b> through
				<b class="num">{q(out.nozzleAreaMm2, 'mm2')}</b>: a slot {q(out.nozzleHeightMm, 'mm')} high, or a round
				one of {q(out.nozzleDiameterMm, 'mm')}.
			</p>
			{#if out.flowFromPumpLPerMin !== null}<p class="quiet">
					This pump gives {q(out.flowFromPumpLPerMin, 'l/min')} there.
				</p>{/if}
		{:else}<p class="quiet">Width of the cut: then pressure, flow and nozzle stand here.</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
