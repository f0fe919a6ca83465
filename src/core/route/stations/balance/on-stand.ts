import { countRoll } from '../../sums.js';
import { fromMarkedRelease } from '../../../balance/estimate.js';
import { fromMarks } from '../../../balance/from-marks.js';
import { fromPeriod, wheelInertia } from '../../../balance/from-period.js';
import { fromTestMass } from '../../../balance/from-test-mass.js';
import { InputFault } from '../../../calculation/fault.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { massNowKg, mountOf, wheelOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { AFRESH } from './afresh.js';
import { amountKnown, concluded, learnt } from './conclude.js';
import { frictionGmm, rollingMassKg } from './tolerance.js';

/** What swings or rolls on the stand, as the calculations take it. */
const body = (facts: SetupFacts) => {
	const w = wheelOf(facts);
	const m = mountOf(facts);
	return {
		massKg: rollingMassKg(facts),
		wheelMassKg: massNowKg(w),
		wheelDiameterMm: w.diameterMm,
		boreDiameterMm: w.boreMm,
		extraInertiaKgM2: m.inertiaKgM2,
		arborRadiusMm: m.journalRadiusMm
	};
};

export const swingStep = defineStep({
	station: 'balance',
	step: 'swing',
	title: 'Time the swing',
	sumsInto: countRoll,
	fields: [
		...pick(fromPeriod.fields, 'timeS', 'swings', 'restAngleDeg', 'turningAnglesDeg'),
		AFRESH
	] as const,
	compute(facts, v) {
		if (v.restAngleDeg === null && v.turningAnglesDeg === null)
			throw new InputFault(
				'restAngleDeg',
				'missing',
				'Rested heavy side down at is missing. Enter the face angle at the bottom, or three turning marks.'
			);
		const swing = compute(facts, fromPeriod, {
			...body(facts),
			timeS: v.timeS,
			swings: v.swings,
			turningAnglesDeg: v.turningAnglesDeg,
			restAngleDeg: v.turningAnglesDeg ? null : v.restAngleDeg
		});
		const U = swing.output.unbalanceGmm;
		const friction = 0.25 * frictionGmm(facts);
		return concluded(facts, {
			method: swing,
			release: {
				restAngleDeg: swing.output.heavyAngleDeg,
				unbalanceGmm: U,
				sigmaMomentGmm: 0.03 * U + friction,
				sigmaUnbalanceGmm: swing.output.uncertaintyGmm + friction
			},
			judgedGmm: U,
			afresh: v.afresh
		});
	}
});

export const marksStep = defineStep({
	station: 'balance',
	step: 'marks',
	title: 'Push, marks and one time',
	sumsInto: countRoll,
	fields: [...pick(fromMarks.fields, 'turningAnglesDeg', 'timeS'), AFRESH] as const,
	compute(facts, v) {
		const b = body(facts);
		const found = compute(facts, fromMarks, {
			massKg: b.massKg,
			inertiaKgM2: wheelInertia(b.wheelMassKg, b.wheelDiameterMm, b.boreDiameterMm, b.extraInertiaKgM2),
			arborRadiusMm: b.arborRadiusMm,
			turningAnglesDeg: v.turningAnglesDeg,
			timeS: v.timeS
		});
		return concluded(facts, {
			method: found,
			release: fromMarkedRelease(found.output, frictionGmm(facts)),
			judgedGmm: found.output.unbalanceGmm,
			afresh: v.afresh
		});
	}
});

export const massStep = defineStep({
	station: 'balance',
	step: 'mass',
	title: 'Test mass',
	sumsInto: countRoll,
	fields: [
		...pick(
			fromTestMass.fields,
			'method',
			'heavyAngleDeg',
			'radiusMm',
			'holdLowMassG',
			'holdHighMassG',
			'runs'
		),
		AFRESH
	] as const,
	compute(facts, v) {
		const found = compute(facts, fromTestMass, v);
		const U = found.output.unbalanceGmm;
		const sigma = 0.03 * U + Math.max(found.output.frictionGmm, 0.25 * frictionGmm(facts));
		return concluded(facts, {
			method: found,
			release: {
				restAngleDeg: found.output.heavyAngleDeg,
				unbalanceGmm: U,
				sigmaMomentGmm: sigma,
				sigmaUnbalanceGmm: sigma
			},
			judgedGmm: U,
			afresh: v.afresh
		});
	}
});

/** By where it rests alone: a direction each time, an amount only after the weights have been moved. */
export const restStep = defineStep({
	station: 'balance',
	step: 'rest',
	title: 'Where it rests',
	sumsInto: countRoll,
	fields: [{ ...pick(fromPeriod.fields, 'restAngleDeg')[0], required: true }, AFRESH] as const,
	compute(facts, v) {
		const release = { restAngleDeg: v.restAngleDeg, sigmaMomentGmm: frictionGmm(facts) };
		const estimate = learnt(facts, release, v.afresh).output;
		const judgedGmm = amountKnown(facts, estimate)
			? estimate.presentUnbalanceGmm + estimate.sigmaMajorGmm
			: null;
		return concluded(facts, { method: null, release, judgedGmm, afresh: v.afresh });
	}
});
