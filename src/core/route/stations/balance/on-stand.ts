import { foundBy } from '../../basis.js';
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
	const wheel = wheelOf(facts);
	const mount = mountOf(facts);
	return {
		massKg: rollingMassKg(facts),
		wheelMassKg: massNowKg(wheel),
		wheelDiameterMm: wheel.diameterMm,
		boreDiameterMm: wheel.boreMm,
		extraInertiaKgM2: mount.inertiaKgM2,
		arborRadiusMm: mount.journalRadiusMm
	};
};

export const swingStep = defineStep({
	station: 'balance',
	step: 'swing',
	title: 'Time the swing',
	basis: () => foundBy('timed swing on the stand'),
	sumsInto: countRoll,
	fields: [
		...pick(fromPeriod.fields, 'timeS', 'swings', 'restAngleDeg', 'turningAnglesDeg'),
		AFRESH
	] as const,
	compute(facts, values) {
		if (values.restAngleDeg === null && values.turningAnglesDeg === null)
			throw new InputFault(
				'restAngleDeg',
				'missing',
				'Rested heavy side down at is missing. Enter the face angle at the bottom, or three turning marks.'
			);
		const swing = compute(facts, fromPeriod, {
			...body(facts),
			timeS: values.timeS,
			swings: values.swings,
			turningAnglesDeg: values.turningAnglesDeg,
			restAngleDeg: values.turningAnglesDeg ? null : values.restAngleDeg
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
			afresh: values.afresh
		});
	}
});

export const marksStep = defineStep({
	station: 'balance',
	step: 'marks',
	title: 'Push, marks and one time',
	basis: () => foundBy('turning points on the stand'),
	sumsInto: countRoll,
	fields: [...pick(fromMarks.fields, 'turningAnglesDeg', 'timeS'), AFRESH] as const,
	compute(facts, values) {
		const b = body(facts);
		const found = compute(facts, fromMarks, {
			massKg: b.massKg,
			inertiaKgM2: wheelInertia(b.wheelMassKg, b.wheelDiameterMm, b.boreDiameterMm, b.extraInertiaKgM2),
			arborRadiusMm: b.arborRadiusMm,
			turningAnglesDeg: values.turningAnglesDeg,
			timeS: values.timeS
		});
		return concluded(facts, {
			method: found,
			release: fromMarkedRelease(found.output, frictionGmm(facts)),
			judgedGmm: found.output.unbalanceGmm,
			afresh: values.afresh
		});
	}
});

export const massStep = defineStep({
	station: 'balance',
	step: 'mass',
	title: 'Test mass',
	basis: () => foundBy('trial mass on the stand'),
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
	compute(facts, values) {
		const found = compute(facts, fromTestMass, values);
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
			afresh: values.afresh
		});
	}
});

/** By where it rests alone: a direction each time, an amount only after the weights have been moved. */
export const restStep = defineStep({
	station: 'balance',
	step: 'rest',
	title: 'Where it rests',
	basis: () => foundBy('where it comes to rest'),
	sumsInto: countRoll,
	fields: [{ ...pick(fromPeriod.fields, 'restAngleDeg')[0], required: true }, AFRESH] as const,
	compute(facts, values) {
		const release = { restAngleDeg: values.restAngleDeg, sigmaMomentGmm: frictionGmm(facts) };
		const estimate = learnt(facts, release, values.afresh).output;
		const judgedGmm = amountKnown(facts, estimate)
			? estimate.presentUnbalanceGmm + estimate.sigmaMajorGmm
			: null;
		return concluded(facts, { method: null, release, judgedGmm, afresh: values.afresh });
	}
});
