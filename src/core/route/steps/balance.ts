import { tolerance } from '../../balance/tolerance.js';
import { weights } from '../../balance/weights.js';
import { InputFault } from '../../calculation/fault.js';
import { fromPeriod } from '../../balance/from-period.js';
import { fold360 } from '../../numeric/angles.js';
import { Evidence } from '../evidence.js';
import type { SetupFacts } from '../facts.js';
import { type Computed, compute, defineStep, massNowKg, mountOf, pick, wheelOf } from './step.js';

const MIN_GAP_DEG = 15;
/** Rolling friction of hard clean edges, as an arm (guideline): what the stand hides when the wheel stays wherever it is put. */
const ROLLING_ARM_MM = 0.004;

export const rollingMassKg = (facts: SetupFacts): number => massNowKg(wheelOf(facts)) + mountOf(facts).massKg;

/** Where the weights stand now: where they were last set, or evenly round the track. */
export function weightAngles(facts: SetupFacts): number[] {
	const count = mountOf(facts).weightCount;
	const moved = new Evidence(facts).latest('balance', 'move')?.entered.anglesDeg;
	return Array.isArray(moved) && moved.length === count ? (moved as number[]) : Array.from({ length: count }, (_, k) => (k * 360) / count);
}

export function toleranceFor(facts: SetupFacts, unbalanceGmm: number | null): Computed {
	return compute(tolerance, { machineClass: facts.machine.balanceClass, massKg: rollingMassKg(facts), speedRpm: facts.machine.spindleRpm, wheelDiameterMm: wheelOf(facts).diameterMm, correctionRadiusMm: mountOf(facts).trackRadiusMm, unbalanceGmm });
}

export const swingStep = defineStep({
	station: 'balance', step: 'swing', title: 'Time the swing',
	fields: pick(fromPeriod.fields, 'timeS', 'swings', 'restAngleDeg', 'turningAnglesDeg'),
	compute(facts, v) {
		const w = wheelOf(facts);
		const m = mountOf(facts);
		if (v.restAngleDeg === null && v.turningAnglesDeg === null) throw new InputFault('restAngleDeg', 'missing', 'Rested heavy side down at is missing. Enter the face angle at the bottom, or three turning marks.');
		const swing = compute(fromPeriod, {
			massKg: rollingMassKg(facts), wheelMassKg: massNowKg(w), wheelDiameterMm: w.diameterMm, boreDiameterMm: w.boreMm, extraInertiaKgM2: m.inertiaKgM2, arborRadiusMm: m.journalRadiusMm,
			timeS: v.timeS, swings: v.swings, turningAnglesDeg: v.turningAnglesDeg, restAngleDeg: v.turningAnglesDeg ? null : v.restAngleDeg
		});
		const judged = toleranceFor(facts, swing.output.unbalanceGmm as number);
		if (m.weightCount < 2 || !m.trackRadiusMm || !m.weightMassG) return [swing, judged];
		const move = compute(weights, {
			unbalanceGmm: swing.output.unbalanceGmm, heavyAngleDeg: swing.output.heavyAngleDeg, trackRadiusMm: m.trackRadiusMm, minGapDeg: MIN_GAP_DEG, permissibleGmm: judged.output.permissibleGmm,
			weights: weightAngles(facts).map((currentAngleDeg) => ({ massG: m.weightMassG, currentAngleDeg }))
		});
		return [judged, swing, move];
	}
});

export const moveStep = defineStep({
	station: 'balance', step: 'move', title: 'Weights moved',
	fields: [{ name: 'anglesDeg', kind: 'list', required: true, minItems: 2, maxItems: 4, label: 'Where the weights stand now', about: 'Face angles', item: { name: 'angle', kind: 'number', unit: 'deg', min: -36000, max: 36000, required: true, about: 'Face angle' } }],
	compute(facts, { anglesDeg }) {
		const m = mountOf(facts);
		const swing = new Evidence(facts).latest('balance', 'swing', 'balance.from-period');
		if (!swing) throw new InputFault('anglesDeg', 'inconsistent', 'Time a swing first; the move follows from it.');
		if (anglesDeg.length !== m.weightCount) throw new InputFault('anglesDeg', anglesDeg.length < m.weightCount ? 'too-few' : 'too-many', `This mount has ${m.weightCount} weights. Give one angle each.`);
		const now = weightAngles(facts);
		const back = anglesDeg.map((a, i) => ({ massG: m.weightMassG, currentAngleDeg: fold360(a), i, from: now[i] }));
		return [compute(weights, { unbalanceGmm: swing.output.unbalanceGmm, heavyAngleDeg: swing.output.heavyAngleDeg, trackRadiusMm: m.trackRadiusMm, minGapDeg: MIN_GAP_DEG, permissibleGmm: toleranceFor(facts, null).output.permissibleGmm, weights: now.map((currentAngleDeg) => ({ massG: m.weightMassG, currentAngleDeg })) })].map((c) => ({ ...c, output: { ...c.output, setAnglesDeg: back.map((b) => b.currentAngleDeg) } }));
	}
});

export const staysStep = defineStep({
	station: 'balance', step: 'stays', title: 'It stays put everywhere', fields: [],
	compute: (facts) => [toleranceFor(facts, 1000 * rollingMassKg(facts) * ROLLING_ARM_MM)]
});
