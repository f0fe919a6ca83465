import { example } from '../examples.js';

describe('balance: worked examples, by vibration', () => {
	it('balance.influence 1', () =>
		example(
			'balance.influence',
			{
				initialMmPerS: 2.6,
				initialPhaseAngleDeg: 64,
				trialMmPerS: 3.3,
				trialPhaseAngleDeg: 112,
				trialMassG: 6,
				trialRadiusMm: 70,
				trialAngleDeg: 40,
				speedRpm: 1600
			},
			{
				unbalanceGmm: 439.704,
				heavyAngleDeg: 300.921,
				influenceMmPerSPerGmm: 0.00591307,
				influenceAngleDeg: 123.079,
				correctionGmm: 439.704,
				correctionAngleDeg: 120.921,
				correctionMassG: 6.28148,
				trialEffectMmPerS: 2.48349,
				trialForceN: 11.7909,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.three-runs 1', () =>
		example(
			'balance.three-runs',
			{
				initialMmPerS: 2.0,
				trialMassG: 5,
				trialRadiusMm: 80,
				runs: [
					{ angleDeg: 0, mmPerS: 2.9 },
					{ angleDeg: 120, mmPerS: 2.6 },
					{ angleDeg: 240, mmPerS: 0.75 }
				]
			},
			{
				unbalanceGmm: 768.001,
				heavyAngleDeg: 48.4984,
				correctionAngleDeg: 228.498,
				correctionMassG: 9.60001,
				sensitivityMmPerSPerGmm: 0.00278856,
				closureRatio: 1.07081,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.auto 1', () =>
		example(
			'balance.auto',
			{ unbalanceGmm: 310, heavyAngleDeg: 64, massGmm: 260, sensitivityMmPerSPerGmm: 0.005 },
			{
				converged: true,
				measurements: 65,
				mass1AngleDeg: 297.5,
				mass2AngleDeg: 190.0,
				startMmPerS: 1.55,
				residualMmPerS: 0.0142829,
				residualGmm: 2.85657,
				openingDeg: 107.5,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
});
