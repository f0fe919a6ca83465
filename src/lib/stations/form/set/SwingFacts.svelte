<script lang="ts">
	import type { radiusSetting } from '$core/form/radius-setting';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		out: ReturnType<typeof radiusSetting.run>;
		units: System;
	}
	/** What follows from a swing: where it leaves the arc, what a tip beside the axis makes, the room of the head, the slide at its stop. */
	let { out, units }: Props = $props();
	const q = (mm: number | null | undefined) => fineQuantity(mm ?? null, 'mm', units);
	const um = (v: number) => quantity(v, 'um', units);
	const deg = (v: number) => `${Number(v.toFixed(3))}°`;
</script>

<dl>
	<dt>Leaves the arc at</dt>
	<dd>z {q(out.from.zMm)} and {q(out.to.zMm)} from its crest</dd>
	<dt>Swing, along the arc</dt>
	<dd>{deg(out.sweepDeg)}, {q(out.arcLengthMm)}</dd>
	{#if out.axisRadiusErrorUm}<dt>Tip beside the axis</dt>
		<dd>larger by {um(out.axisRadiusErrorUm)}, tangents turned {deg(out.tangentErrorDeg)}</dd>{/if}
	{#if out.envelope}<dt>Spindle at, to come clear at</dt>
		<dd>
			{q(out.envelope.spindleHeightMm)}, {q(out.envelope.spindleHeightClearMm)}{out.envelope.headroomMm ===
			null
				? ''
				: `; ${q(out.envelope.headroomMm)} of room left`}
		</dd>{/if}
	{#if out.slide}<dt>Slide at the stop</dt>
		<dd>
			{deg(out.slide.signedSlideAngleDeg)} on the {out.slide.wheelSide}, stroke {q(out.slide.strokeNeededMm)}
		</dd>{/if}
	{#if out.baseTilt}<dt>Grit under the base</dt>
		<dd>{um(out.baseTilt.formErrorUm)} over the face</dd>{/if}
</dl>

<style>
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px var(--s-16);
		margin: 0;
		font-size: var(--type-small);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		margin: 0;
		font: 600 var(--type-label) var(--mono);
	}
</style>
