import { deg, from0, grams, group, list, over0, yesNo } from '../../../calculation/field/index.js';
import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { tolerance } from '../../../balance/tolerance.js';
import { InputFault } from '../../../calculation/fault.js';
import { fold360 } from '../../../numeric/angles.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../facts.js';
import { type Computed, compute, defineStep, massNowKg, mountOf, pick, wheelOf } from '../../step.js';

const MIN_GAP_DEG = 15;

export const rollingMassKg = (facts: SetupFacts): number => massNowKg(wheelOf(facts)) + mountOf(facts).massKg;

export function toleranceFor(facts: SetupFacts, unbalanceGmm: number | null): Computed {
	return compute(facts, tolerance, {
		machineClass: facts.machine.balanceClass,
		massKg: rollingMassKg(facts),
		speedRpm: facts.machine.spindleRpm,
		wheelDiameterMm: wheelOf(facts).diameterMm,
		correctionRadiusMm: mountOf(facts).trackRadiusMm,
		unbalanceGmm
	});
}

const ANGLE = { kind: 'number', unit: 'deg', min: -36000, max: 36000, required: true } as const;
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
					{ ...ANGLE, name: 'angleDeg', label: 'Stands at', about: 'Face angle' }
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
					{ ...ANGLE, name: 'fromAngleDeg', label: 'From', about: 'Face angle' },
					{ ...ANGLE, name: 'toAngleDeg', label: 'To', about: 'Clockwise' }
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
	compute(facts, v) {
		if (!mountOf(facts).trackRadiusMm)
			throw new InputFault(
				'weights',
				'inconsistent',
				'This mount has no track on record. Enter its radius under Shop.'
			);
		if (v.weights.length * v.minGapDeg > 360)
			throw new InputFault(
				'minGapDeg',
				'above-maximum',
				`${v.weights.length} weights ${v.minGapDeg} degrees apart do not fit on the circle.`
			);
		return [toleranceFor(facts, null)];
	}
});

export interface TrackNow {
	radiusMm: number;
	weights: { massG: number; angleDeg: number }[];
	minGapDeg: number;
	mayPass: boolean;
	forbidden: { fromAngleDeg: number; toAngleDeg: number }[];
}
/** The weights as they stand: as they were last set, or as the shop has them, evenly round the track. Null where there is no track. */
export function trackOf(facts: SetupFacts): TrackNow | null {
	const m = mountOf(facts);
	if (!m.trackRadiusMm) return null;
	const e = new Evidence(facts);
	const [track, move] = [e.latest('balance', 'track'), e.latest('balance', 'move')];
	const told = track?.entered as
		| { weights: TrackNow['weights']; minGapDeg: number; mayPass: boolean; forbidden: TrackNow['forbidden'] }
		| undefined;
	if (!told && (m.weightCount < 2 || !m.weightMassG)) return null;
	const weights =
		told?.weights ??
		Array.from({ length: m.weightCount }, (_, k) => ({
			massG: m.weightMassG!,
			angleDeg: (k * 360) / m.weightCount
		}));
	const moved = move && (!track || move.id > track.id) ? (move.entered.anglesDeg as number[]) : null;
	return {
		radiusMm: m.trackRadiusMm,
		weights: weights.map((w, i) => ({
			massG: w.massG,
			angleDeg: fold360(moved && moved.length === weights.length ? moved[i]! : w.angleDeg)
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
	permissibleGmm: toleranceFor(facts, null).output.permissibleGmm,
	weights: track.weights.map((w) => ({ massG: w.massG, currentAngleDeg: w.angleDeg }))
});

/** The stand levelled, and what the slope that remains pretends to be. */
export const levelStep = defineStep({
	station: 'balance',
	step: 'level',
	title: 'Level the stand',
	fields: pick(
		levelStand.fields,
		'xForwardMmPerM',
		'xReversedMmPerM',
		'yForwardMmPerM',
		'yReversedMmPerM',
		'footSpacingMm',
		'footDepthMm',
		'screwPitchMm',
		'raiseTurn',
		'rollsAlong',
		'toleranceMmPerM'
	),
	compute(facts, v) {
		const level = compute(facts, levelStand, v);
		return [
			level,
			compute(facts, slopeError, {
				massKg: rollingMassKg(facts),
				arborRadiusMm: mountOf(facts).journalRadiusMm,
				slopeMmPerM: level.output.rollSlopeMmPerM,
				allowedGmm: toleranceFor(facts, null).output.permissibleGmm
			})
		];
	}
});
