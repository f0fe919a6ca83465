<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import type { SetupFacts } from '$core/facts/setup';
	import { massNowKg } from '$core/route/wheel-size';
	import { runInEnergy } from '$core/run-in/energy';

	interface Props {
		facts: SetupFacts;
	}
	/** Why the guard matters, with this wheel's own figures. It permits nothing. */
	let { facts }: Props = $props();
	const { q } = useUnits();
	const w = $derived(facts.wheel!);
	const e = $derived(
		runInEnergy.run({
			massKg: massNowKg(w),
			diameterMm: w.diameterMm,
			boreMm: w.boreMm,
			thicknessMm: w.widthMm,
			speedRpm: facts.machine.spindleRpm
		})
	);
	const joule = $derived(
		e.kineticEnergyJ >= 1000
			? `${(e.kineticEnergyJ / 1000).toFixed(1)} kJ`
			: `${e.kineticEnergyJ.toFixed(0)} J`
	);
</script>

<p class="quiet">
	At speed <b class="num">{joule}</b> turn in this wheel. A third of it would fly at
	<b class="num">{q(Math.round(e.fragmentSpeedMps), 'm/s')}</b>, as if {q(e.fragmentMassKg, 'kg')} were dropped
	from <b class="num">{q(Math.round(e.dropHeightM), 'm')}</b>. That is what the guard is for; the figure
	permits nothing.
</p>
