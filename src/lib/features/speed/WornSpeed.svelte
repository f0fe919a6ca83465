<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { limitRpm, overLimit, shownLimit } from '$core/spec/limit-rpm';
	import { rpmForSpeed, surfaceSpeedMps } from '$core/spec/speed';

	interface Props {
		newMm: number;
		nowMm: number;
		rpm: number;
		ratedMps: number | null;
		ratedRpm: number | null;
		machineRpm: number | null;
		system: System;
	}
	/** What a worn wheel has lost, and which rpm would bring it back within all limits; a slider goes from new to nothing. */
	let { newMm, nowMm, rpm, ratedMps, ratedRpm, machineRpm, system }: Props = $props();
	let at = $state<number | null>(null);
	const d = $derived(at ?? nowMm);
	const wanted = $derived(surfaceSpeedMps(newMm, rpm));
	const restoring = $derived(rpmForSpeed(wanted, d));
	/** A worn wheel never earns more rpm than the new one had: the marked m/s counts at the new diameter. */
	const allowed = $derived(
		Math.min(limitRpm({ ratedMps, ratedRpm, newDiameterMm: newMm }) ?? Infinity, machineRpm ?? Infinity)
	);
	const may = $derived(ratedMps !== null || ratedRpm !== null ? Math.min(allowed, restoring) : null);
</script>

<div class="worn">
	<h3>Worn from {quantity(newMm, 'mm', system)}</h3>
	<label
		>At diameter <b class="num">{quantity(d, 'mm', system)}</b><input
			type="range"
			min={newMm * 0.4}
			max={newMm}
			step="0.5"
			value={d}
			oninput={(e) => (at = Number(e.currentTarget.value))}
		/></label
	>
	<p>
		The rim runs <b class="num">{quantity(surfaceSpeedMps(d, rpm), 'm/s', system)}</b> instead of
		<b class="num">{quantity(wanted, 'm/s', system)}</b>: {((1 - d / newMm) * 100).toFixed(1)} % lost, so it acts
		softer.
	</p>
	<p>
		{quantity(restoring, 'rpm')} would bring it back. {may === null
			? 'Without a marked speed it must not run at all.'
			: !overLimit(restoring, allowed)
				? 'Wheel and machine allow that.'
				: `At most ${quantity(shownLimit(allowed), 'rpm')} is allowed, which gives ${quantity(surfaceSpeedMps(d, allowed), 'm/s', system)}. A worn wheel never earns more rpm.`}
	</p>
</div>

<style>
	.worn {
		display: grid;
		gap: var(--s-4);
		border-top: 1px solid var(--rule);
		padding-top: var(--s-8);
	}
	label {
		display: grid;
		gap: var(--s-2);
		font-size: var(--type-label);
	}
	input {
		width: 100%;
		accent-color: var(--act);
		min-height: 30px;
	}
</style>
