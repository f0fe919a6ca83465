import { choice, deg, between, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { sineStack, stackDifferenceMm } from '../../../form/sine-stack.js';
import { Evidence } from '../../evidence.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { BLOCK_FIELDS, blocksEffect, wrungFor } from './blocks.js';
import { featuresOf } from './features.js';
import { formThere } from './made.js';
import { ofDresser } from './tool-for.js';

/** Which drawing angle is which angle of the slide. */
export const slideAngle = (drawingDeg: number, from: 'axial' | 'radial'): number =>
	from === 'radial' ? 90 - drawingDeg : drawingDeg;

/** A flank by blocks under a sine dresser. */
export const sineStep = defineStep({
	station: 'form',
	step: 'sine',
	title: 'Set the sine dresser',
	keyedBy: (entered) => String(entered.segmentIndex),
	fields: [
		whole('segmentIndex', 'Which flank', { ...between(0, 499), required: true, label: 'Flank' }),
		deg('drawingAngleDeg', 'As the drawing gives it', { ...between(0, 90), required: true, label: 'Angle' }),
		choice('angleFrom', 'On the drawing', ['axial', 'radial'], {
			default: 'axial',
			label: 'Measured from the'
		}),
		choice('flankSide', 'Where the flank is', ['left', 'right'], { required: true, label: 'Side' }),
		choice('seenFrom', 'The drawing is seen from the', ['front', 'back'], {
			default: 'front',
			label: 'Seen from'
		}),
		choice('base', 'Square face: the complement, for a steep flank', ['base', 'square-face'], {
			default: 'base',
			label: 'Set from the'
		}),
		...BLOCK_FIELDS,
		yesNo('blocksOut', 'Screw tight first, then out', { required: true, label: 'Blocks are out again' }),
		yesNo('slideCovered', 'Against grit', { required: true, label: 'Slide is covered' }),
		yesNo('screwTight', 'Tried by hand', { required: true, label: 'Screw is tight' })
	] as const,
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		const feature = featuresOf(form.chain, 'sine').find((f) => f.index === values.segmentIndex);
		if (!feature)
			throw new InputFault(
				'segmentIndex',
				'unknown-choice',
				'This form has no such flank. Choose one of the list.'
			);
		const given = values.drawingAngleDeg;
		if (given === null) throw new InputFault('drawingAngleDeg', 'missing', 'Angle is missing. Enter it.');
		const angleDeg = slideAngle(given, values.angleFrom);
		const wanted = Math.abs(feature.angleDeg);
		if (Math.abs(angleDeg - wanted) > SAME_DEG)
			throw new InputFault(
				'drawingAngleDeg',
				'inconsistent',
				`${values.drawingAngleDeg}° from the ${values.angleFrom} line puts the slide at ${Number(angleDeg.toFixed(4))}°; the flank of the form stands at ${Number(wanted.toFixed(4))}° to the axis. Is it given from the other line?`
			);
		const wheelSide =
			values.seenFrom === 'front' ? values.flankSide : values.flankSide === 'left' ? 'right' : 'left';
		// x grows into the wheel: a flank at the right end of the face falls away to the right.
		const formSide = feature.angleDeg > 0 ? 'right' : 'left';
		if (wheelSide !== formSide)
			throw new InputFault(
				'flankSide',
				'inconsistent',
				`Seen from the ${values.seenFrom} that is the ${wheelSide} side of the wheel; on the form this flank falls to the ${formSide}. Mirror it, or say from where the drawing is seen.`
			);
		const setDeg = values.base === 'square-face' ? 90 - angleDeg : angleDeg;
		const pinDistanceMm = ofDresser(form.dresser?.pinDistanceMm, 'Distance of the pins');
		const wantedMm = stackDifferenceMm(setDeg, pinDistanceMm);
		const stacks = wrungFor(facts, values, wantedMm);
		const segment = form.chain[values.segmentIndex]!;
		const main = compute(facts, sineStack, {
			angleDeg: setDeg,
			pinDistanceMm,
			baseStackMm: stacks.output.baseTotalMm,
			stackErrorUm: Math.abs(stacks.output.errorUm) + WRINGING_UM,
			faceLengthMm: Math.hypot(segment.z1Mm - segment.z0Mm, segment.x1Mm - segment.x0Mm),
			formToleranceUm: form.toleranceUm,
			actualDifferenceMm: stacks.output.differenceMm
		});
		return { main, secondary: [stacks] };
	},
	effects: (_facts, values) => [blocksEffect(values, values.segmentIndex, values.blocksOut)]
});
/** Angles nearer than this are the same on a drawing. */
const SAME_DEG = 0.01;
/** Blocks and pins themselves. */
const WRINGING_UM = 0.5;
