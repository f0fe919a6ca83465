import { choice, deg, from0, group, mm, over0, um } from '../calculation/field/index.js';
import type { Values } from '../calculation/fields.js';
import type { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';

const RAD = Math.PI / 180;
/** A slide steeper than this runs along the radius. */
const RADIAL_DEG = 89.99;
const height = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...from0(5000), default: 0 });

const ENVELOPE_FIELDS = [
	mm('wheelDiameterMm', 'As it measures now', { ...over0(2000), required: true }),
	height('chuckHeightMm', 'Over the table'),
	height('baseHeightMm', 'Under the fixture'),
	mm('pivotHeightMm', 'Of the swing axis over its base', { ...from0(5000), required: true }),
	mm('raiseMm', 'To come clear of the wheel', { ...from0(1000), default: 5 }),
	mm('headMinMm', 'Spindle centre, lowest', from0(10000)),
	mm('headMaxMm', 'Spindle centre, highest', from0(10000))
] as const;
const SLIDE_FIELDS = [
	deg('drawingAngleDeg', 'As the drawing has it', { ...from0(90), required: true }),
	choice('angleFrom', 'The drawing counts it from', ['axial', 'radial'], { default: 'axial' }),
	choice('flankSide', 'As drawn', ['left', 'right'], { required: true }),
	choice('seenFrom', 'Where the drawing looks from', ['front', 'back'], { default: 'front' }),
	mm('faceMm', 'Along the axis', { ...from0(1000), label: 'Face' }),
	mm('strokeMm', 'Of the slide', { ...from0(2000), label: 'Stroke' })
] as const;
const GRIT_FIELDS = [
	um('gritUm', 'Under one end of the base', { ...from0(5000), required: true, label: 'Grit' }),
	mm('baseLengthMm', 'Of the fixture', { ...over0(2000), required: true, label: 'Base' }),
	mm('faceMm', 'Dressed', { ...from0(1000), default: 0, label: 'Face' })
] as const;

export const ENVELOPE = group('envelope', 'Heights over the table', ENVELOPE_FIELDS, { advanced: true });
export const SLIDE = group('slide', 'A straight flank at the end of the swing', SLIDE_FIELDS, {
	advanced: true
});
export const GRIT = group('grit', 'What a grain under the base makes', GRIT_FIELDS, { advanced: true });

/** Heights of tip and spindle over the table, and the room that is left. `upMm` is how far the nose stands over the swing axis. */
export function headRoom(values: Values<typeof ENVELOPE_FIELDS>, upMm: number) {
	const tipHeightMm = values.chuckHeightMm + values.baseHeightMm + values.pivotHeightMm + upMm;
	const spindleHeightMm = tipHeightMm + values.wheelDiameterMm / 2;
	const spindleHeightClearMm = spindleHeightMm + values.raiseMm;
	const headroomMm = values.headMaxMm === null ? null : values.headMaxMm - spindleHeightClearMm;
	return {
		shown: { tipHeightMm, spindleHeightMm, spindleHeightClearMm, headroomMm },
		judge: (findings: Findings) =>
			findings
				.stop(
					'no-headroom',
					headroomMm !== null && headroomMm < -SLACK,
					'The head cannot go so high that the wheel comes clear of the fixture. Build lower.'
				)
				.stop(
					'head-cannot-reach',
					values.headMinMm !== null && spindleHeightMm < values.headMinMm - SLACK,
					'The head does not come down to the fixture. Build higher.'
				)
	};
}

/** Angle of the slide from the wheel's axis, its side on the wheel, and the stroke it needs. */
export function slideSetting(values: Values<typeof SLIDE_FIELDS>) {
	const slideAngleDeg = values.angleFrom === 'axial' ? values.drawingAngleDeg : 90 - values.drawingAngleDeg;
	const turned = { left: 'right', right: 'left' } as const;
	const wheelSide = values.seenFrom === 'front' ? values.flankSide : turned[values.flankSide];
	const radial = slideAngleDeg > RADIAL_DEG + SLACK;
	const strokeNeededMm =
		values.faceMm === null || radial ? null : values.faceMm / Math.cos(slideAngleDeg * RAD);
	return {
		shown: {
			slideAngleDeg,
			signedSlideAngleDeg: wheelSide === 'right' ? slideAngleDeg : -slideAngleDeg,
			wheelSide,
			strokeNeededMm
		},
		judge: (findings: Findings) =>
			findings
				.stop(
					'slide-too-short',
					strokeNeededMm !== null && values.strokeMm !== null && values.strokeMm < strokeNeededMm - SLACK,
					`The face needs ${strokeNeededMm?.toFixed(2)} mm of slide. It would run into its end.`
				)
				.caution(
					'slide-radial',
					radial,
					'The slide runs along the radius: it bites nothing when fed straight in.'
				)
	};
}

/** What a grain under one end of the base tilts, and what that is over the face. */
export function baseTilt(v: Values<typeof GRIT_FIELDS>) {
	const tilt = Math.atan(v.gritUm / 1000 / v.baseLengthMm);
	return {
		tiltDeg: tilt / RAD,
		tiltArcsec: (tilt / RAD) * 3600,
		formErrorUm: (v.gritUm * v.faceMm) / v.baseLengthMm
	};
}
