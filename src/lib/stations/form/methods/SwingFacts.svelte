<script lang="ts">
	import type { radiusSetting } from '$core/form/radius-setting';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import FactList from '$lib/ui/feedback/FactList.svelte';

	interface Props {
		out: ReturnType<typeof radiusSetting.run>;
		units: System;
	}
	/** What follows from a swing: where it leaves the arc, what a tip beside the axis makes, the room of the head, the slide at its stop. */
	let { out, units }: Props = $props();
	const q = (mm: number | null | undefined) => fineQuantity(mm ?? null, 'mm', units);
	const um = (v: number) => quantity(v, 'um', units);
	const deg = (v: number) => `${Number(v.toFixed(3))}°`;
	const room = (mm: number | null) => (mm === null ? '' : `; ${q(mm)} of room left`);
</script>

<FactList
	facts={[
		['Leaves the arc at', `z ${q(out.from.zMm)} and ${q(out.to.zMm)} from its crest`],
		['Swing, along the arc', `${deg(out.sweepDeg)}, ${q(out.arcLengthMm)}`],
		out.axisRadiusErrorUm > 0 && [
			'Tip beside the axis',
			`larger by ${um(out.axisRadiusErrorUm)}, tangents turned ${deg(out.tangentErrorDeg)}`
		],
		out.envelope && [
			'Spindle at, to come clear at',
			`${q(out.envelope.spindleHeightMm)}, ${q(out.envelope.spindleHeightClearMm)}${room(out.envelope.headroomMm)}`
		],
		out.slide && [
			'Slide at the stop',
			`${deg(out.slide.signedSlideAngleDeg)} on the ${out.slide.wheelSide}, stroke ${q(out.slide.strokeNeededMm)}`
		],
		out.baseTilt && ['Grit under the base', `${um(out.baseTilt.formErrorUm)} over the face`]
	]}
/>
