import { between, deg, from0, grams, group, list, over0, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { fold360 } from '../../../numeric/angles.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { defineStep } from '../../define-step.js';
import { mountOf } from '../../wheel-size.js';
import { permissibleGmm, toleranceFor } from './tolerance.js';

const MIN_GAP_DEG = 15;

const ANGLE = { ...between(-36000, 36000), required: true } as const;
/** What the weights are and where they may not stop, where that is not as the shop has it. */
export const trackStep = defineStep({
	station: 'balance',
	step: 'track',
	title: 'Weights in the track',
	fields: [
		list(
			'weights',
			'As they are now',
			group(
				'weight',
				'One weight',
				[
					grams('massG', 'Weighed', { ...over0(1e5), required: true, label: 'Mass' }),
					deg('angleDeg', 'Face angle', { ...ANGLE, label: 'Stands at' })
				],
				{ required: true }
			),
			{ minItems: 2, maxItems: 4, required: true, label: 'Weights' }
		),
		deg('minGapDeg', 'Centre to centre', { ...from0(90), default: MIN_GAP_DEG, label: 'Gap' }),
		yesNo('mayPass', 'Out of the track', { default: false, label: 'Can be lifted past each other' }),
		list(
			'forbidden',
			'Screw holes, joints; clockwise',
			group(
				'arc',
				'One stretch',
				[
					deg('fromAngleDeg', 'Face angle', { ...ANGLE, label: 'From' }),
					deg('toAngleDeg', 'Clockwise', { ...ANGLE, label: 'To' })
				],
				{ required: true }
			),
			{
				maxItems: 24,
				default: [] as { fromAngleDeg: number; toAngleDeg: number }[],
				label: 'No weight may stop at'
			}
		)
	] as const,
	compute(facts, values) {
		if (!mountOf(facts).trackRadiusMm)
			throw new InputFault(
				'weights',
				'inconsistent',
				'This mount has no track on record. Enter its radius under Shop.'
			);
		if (values.weights.length * values.minGapDeg > 360)
			throw new InputFault(
				'minGapDeg',
				'above-maximum',
				`${values.weights.length} weights ${values.minGapDeg} degrees apart do not fit on the circle.`
			);
		return single(toleranceFor(facts, null));
	}
});

/** Where the weights were put; what is computed from it stands in a file of its own. */
export const MOVE = {
	station: 'balance',
	step: 'move',
	fields: [
		list(
			'anglesDeg',
			'Face angles',
			deg('angle', 'Face angle', { ...between(-36000, 36000), required: true }),
			{ required: true, minItems: 2, maxItems: 4, label: 'Where the weights stand now' }
		)
	]
} as const;

export interface TrackNow {
	radiusMm: number;
	weights: { massG: number; angleDeg: number }[];
	minGapDeg: number;
	mayPass: boolean;
	forbidden: { fromAngleDeg: number; toAngleDeg: number }[];
}
/** The weights as they stand: as they were last set, or as the shop has them, evenly round the track. Null where there is no track. */
export function trackOf(facts: SetupFacts): TrackNow | null {
	const mount = mountOf(facts);
	if (!mount.trackRadiusMm) return null;
	const track = Evidence.of(facts).step(trackStep);
	const move = Evidence.of(facts).step(MOVE);
	const told = track?.entered;
	if (!told && (mount.weightCount < 2 || !mount.weightMassG)) return null;
	const weights =
		told?.weights ??
		Array.from({ length: mount.weightCount }, (_, k) => ({
			massG: mount.weightMassG!,
			angleDeg: (k * 360) / mount.weightCount
		}));
	const moved = move && (!track || move.id > track.id) ? move.entered.anglesDeg : null;
	return {
		radiusMm: mount.trackRadiusMm,
		weights: weights.map((weight, i) => ({
			massG: weight.massG,
			angleDeg: fold360(moved && moved.length === weights.length ? moved[i]! : weight.angleDeg)
		})),
		minGapDeg: told?.minGapDeg ?? MIN_GAP_DEG,
		mayPass: told?.mayPass ?? false,
		forbidden: told?.forbidden ?? []
	};
}

/** The track as the calculation takes it, for an unbalance told without the weights. */
export const weightsInput = (facts: SetupFacts, track: TrackNow) => ({
	measuredWith: 'weights-off',
	trackRadiusMm: track.radiusMm,
	minGapDeg: track.minGapDeg,
	mayPass: track.mayPass,
	forbidden: track.forbidden,
	permissibleGmm: permissibleGmm(facts),
	weights: track.weights.map((weight) => ({ massG: weight.massG, currentAngleDeg: weight.angleDeg }))
});
