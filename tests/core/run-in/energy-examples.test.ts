import { example } from '../examples.js';

describe('run-in, energy and old machines: worked examples', () => {
	it('run-in.energy 1', () =>
		example(
			'run-in.energy',
			{ massKg: 5.2, diameterMm: 300, boreMm: 76.2, thicknessMm: 32, speedRpm: 2228, tensileStrengthMPa: 15 },
			{
				kineticEnergyJ: 1694.98,
				rimSpeedMps: 34.9973,
				hoopStressBoreMPa: 2.44677,
				radialStressMaxMPa: 0.670027,
				fragmentCentroidMm: 86.9541,
				fragmentSpeedMps: 20.2877,
				fragmentTranslationJ: 356.713,
				fragmentRotationJ: 208.281,
				dropHeightM: 20.9854,
				stressLimitRpm: 5516.51
			},
			5e-6
		));
	it('run-in.recommission 1', () =>
		example(
			'run-in.recommission',
			{
				inspectedIsolated: true,
				stopsSetClose: true,
				guardSound: true,
				wheelFitted: false,
				hydraulic: true,
				pressureRequiredBar: 14,
				rotationSeen: 'ccw',
				rotationRequired: 'cw',
				emergencyStop: 'works'
			},
			{
				verdict: 'stop',
				codes: ['rotation-wrong', 'pressure-low', 'pump-warm-up-short'],
				next: 'check-rotation-without-wheel',
				rotationFix: 'swap-two-phases'
			},
			5e-6
		));
});
