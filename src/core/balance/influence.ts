import { between, choice, from0, kg, number, over0, rpm, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, angleOf, fold360, len, sub, vec } from '../numeric/angles.js';
import { over } from '../numeric/complex.js';
import { judgeTrial, trialForceN } from './trial-force.js';
import { angle, grams, radius, stopMmPerS, vibration } from './shared-fields.js';

const NO_EFFECT = 1e-6;

/** Unbalance from vibration with phase: one trial weight shows how the machine answers. */
export const influence = defineCalculation({
	id: 'balance.influence',
	worse: {
		initialMmPerS: 'up',
		initialPhaseAngleDeg: 'none',
		trialMmPerS: 'up',
		trialMassG: 'up',
		trialRadiusMm: 'up',
		speedRpm: 'up',
		minEffect: 'up',
		stopMmPerS: 'down',
		rotorMassKg: 'down'
	},
	title: 'Unbalance from vibration with phase',
	about:
		'One run as it is, one with a known trial weight: the difference tells what a gram does here, and so what is missing and where.',
	source: 'Influence coefficient, one plane (textbook); limits are guidelines.',
	formulas: ['H = (V1 - V0)/T', 'U = V0/H', 'add -U (trial taken off) or -U - T (trial stays)'],
	fields: [
		{ ...vibration('initialMmPerS', 'As it is'), required: true, label: 'Vibration as it is' },
		{ ...vibration('trialMmPerS', 'With the trial'), required: true, label: 'Vibration with the trial' },
		{ ...angle('initialPhaseAngleDeg', 'As it is'), required: true, label: 'Phase as it is' },
		{ ...angle('trialPhaseAngleDeg', 'With the trial'), required: true, label: 'Phase with the trial' },
		{ ...grams('trialMassG', 'Known'), required: true, label: 'Trial weight' },
		{ ...radius('trialRadiusMm', 'Of the trial'), required: true, label: 'Trial radius' },
		{ ...angle('trialAngleDeg', 'Where it was put'), required: true, label: 'Trial at' },
		yesNo('trialRemoved', 'Or it stays on', { default: true, label: 'Trial is taken off again' }),
		choice('phaseSense', 'With the face angles, or against them (phase lag)', ['with', 'against'], {
			default: 'with',
			label: 'Phase grows'
		}),
		{ ...radius('correctionRadiusMm', "The trial's when empty"), label: 'Weight radius' },
		rpm('speedRpm', 'Both runs', { ...between(1, 200000), label: 'Speed' }),
		number('minEffect', 'Guideline', {
			...from0(1),
			guideline: true,
			label: 'Trial has to change',
			default: 0.3,
			advanced: true
		}),
		stopMmPerS,
		kg('rotorMassKg', 'Everything that turns; tells whether the trial is heavy', {
			...over0(5000),
			label: 'Turning mass'
		})
	],
	outputs: [
		{ name: 'correctionMassG', unit: 'g', about: 'Add', main: true },
		{ name: 'correctionAngleDeg', unit: 'deg', about: 'At' },
		{ name: 'correctionGmm', unit: 'gmm', about: 'As unbalance' },
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance' },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'influenceMmPerSPerGmm', unit: 'mm/s/gmm', about: 'A gram millimetre shakes it by' },
		{ name: 'influenceAngleDeg', unit: 'deg', about: 'and turns the phase by' },
		{ name: 'trialEffectMmPerS', unit: 'mm/s', about: 'The trial changed it by' },
		{ name: 'trialForceN', unit: 'N', about: 'Force of the trial' }
	],
	example: {
		initialMmPerS: 2.6,
		initialPhaseAngleDeg: 64,
		trialMmPerS: 3.3,
		trialPhaseAngleDeg: 112,
		trialMassG: 6,
		trialRadiusMm: 70,
		trialAngleDeg: 40,
		speedRpm: 1600
	},
	compute(values) {
		const sense = values.phaseSense === 'with' ? 1 : -1;
		const V0 = vec(values.initialMmPerS, sense * values.initialPhaseAngleDeg);
		const effect = sub(vec(values.trialMmPerS, sense * values.trialPhaseAngleDeg), V0);
		if (len(effect) < NO_EFFECT)
			throw new InputFault(
				'trialMmPerS',
				'no-effect',
				'The trial weight changed nothing: it sat loose, or it is far too small. Use a heavier one and check that it holds.'
			);
		const t = values.trialMassG * values.trialRadiusMm;
		const T = vec(t, values.trialAngleDeg);
		const H = over(effect, T);
		const U = over(V0, H);
		const correction = sub({ x: -U.x, y: -U.y }, values.trialRemoved ? { x: 0, y: 0 } : T);
		const trialEffectMmPerS = len(effect);
		const findings = new Findings()
			.stop(
				'vibration-too-high',
				values.initialMmPerS >= values.stopMmPerS || values.trialMmPerS >= values.stopMmPerS,
				`${values.stopMmPerS} mm/s is reached. Do not run it like this; balance it roughly on the stand first.`
			)
			.caution(
				'trial-effect-small',
				trialEffectMmPerS < values.minEffect * values.initialMmPerS,
				'The trial hardly shows: use a heavier one, or put it elsewhere.'
			);
		const forceN = values.speedRpm === null ? null : trialForceN(t, values.speedRpm);
		judgeTrial(findings, forceN, values.rotorMassKg);
		return {
			unbalanceGmm: len(U),
			heavyAngleDeg: angleOf(U),
			influenceMmPerSPerGmm: len(H),
			influenceAngleDeg: fold360(Math.atan2(H.y, H.x) / DEG),
			correctionGmm: len(correction),
			correctionAngleDeg: angleOf(correction),
			correctionMassG: len(correction) / (values.correctionRadiusMm ?? values.trialRadiusMm),
			trialEffectMmPerS,
			trialForceN: forceN,
			...findings.judged()
		};
	}
});
