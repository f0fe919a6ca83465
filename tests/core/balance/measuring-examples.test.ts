import { example } from '../examples.js';

describe('balance: worked examples, what the unbalance is', () => {
	it('balance.level-stand 1', () =>
		example(
			'balance.level-stand',
			{
				xForwardMmPerM: 0.42,
				xReversedMmPerM: 0.18,
				yForwardMmPerM: -0.05,
				yReversedMmPerM: -0.29,
				footSpacingMm: 420,
				footDepthMm: 310,
				screwPitchMm: 1.5
			},
			{
				slopeXMmPerM: 0.3,
				slopeYMmPerM: -0.17,
				levelErrorMmPerM: 0.12,
				rollSlopeMmPerM: -0.17,
				crossSlopeMmPerM: 0.3,
				adjustments: [
					{ foot: 'A', direction: 'raise', turn: 'clockwise', heightMm: 0.126, turns: 0.084 },
					{ foot: 'C', direction: 'raise', turn: 'clockwise', heightMm: 0.1157, turns: 0.0771333 }
				],
				verdict: 'caution',
				codes: ['level-itself-off', 'not-level']
			},
			5e-6
		));
	it('balance.slope-error 1', () =>
		example(
			'balance.slope-error',
			{ massKg: 11, arborRadiusMm: 15, slopeMmPerM: 0.15, unbalanceGmm: 240, allowedGmm: 130 },
			{
				fakedUnbalanceGmm: 24.75,
				headingErrorDeg: 5.91915,
				maxSlopeMmPerM: 0.19697,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.from-period 1', () =>
		example(
			'balance.from-period',
			{ massKg: 8.2, inertiaKgM2: 0.078, arborRadiusMm: 14, timeS: 19.4, turningAnglesDeg: [96, 172, 104] },
			{
				unbalanceGmm: 894.763,
				eccentricityUm: 109.117,
				heavyAngleDeg: 136.0,
				lightAngleDeg: 316.0,
				effectiveInertiaKgM2: 0.0796072,
				amplitudeDeg: 36.0,
				smallPeriodS: 18.9223,
				dampingRatio: 0.0,
				deadBandDeg: 2.0,
				frictionGmm: 31.2268,
				uncertaintyGmm: 18.4487,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.from-period 2', () =>
		example(
			'balance.from-period',
			{
				massKg: 8.2,
				wheelMassKg: 6.5,
				wheelDiameterMm: 305,
				boreDiameterMm: 76,
				extraInertiaKgM2: 0.0025,
				standType: 'discs',
				discRadiusMm: 60,
				discInertiaKgM2: 0.0009,
				arborRadiusMm: 14,
				timeS: 44,
				swings: 2,
				amplitude1Deg: 40,
				amplitude2Deg: 22,
				dampingKind: 'viscous',
				restAngleDeg: 135
			},
			{
				unbalanceGmm: 716.392,
				eccentricityUm: 87.3649,
				heavyAngleDeg: 135.0,
				lightAngleDeg: 315.0,
				effectiveInertiaKgM2: 0.0828248,
				amplitudeDeg: 31.0,
				smallPeriodS: 21.5737,
				dampingRatio: 0.0475206,
				deadBandDeg: 0.0,
				frictionGmm: 0.0,
				uncertaintyGmm: 6.51266,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.from-test-mass 1', () =>
		example(
			'balance.from-test-mass',
			{ method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 3.4, holdHighMassG: 4.2 },
			{
				unbalanceGmm: 361.0,
				heavyAngleDeg: 72.0,
				lightAngleDeg: 252.0,
				frictionGmm: 38.0,
				geometry: null,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.from-test-mass 2', () =>
		example(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 72 },
					{ massG: 4, radiusMm: 95, angleDeg: 170, restAngleDeg: 118 }
				]
			},
			{
				unbalanceGmm: 416.276,
				heavyAngleDeg: 72.0,
				lightAngleDeg: 252.0,
				frictionGmm: 0.0,
				geometry: 0.305342,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.tolerance 1', () =>
		example(
			'balance.tolerance',
			{
				machineClass: 'cylindrical',
				massKg: 21,
				speedRpm: 1350,
				unbalanceGmm: 610,
				wheelDiameterMm: 457,
				correctionRadiusMm: 80,
				headMassKg: 160
			},
			{
				gradeMmPerS: 2.5,
				permissibleGmm: 371.362,
				permissibleEccentricityUm: 17.6839,
				permissibleForceN: 7.42201,
				rimMassG: 1.62521,
				correctionMassG: 4.64202,
				ratio: 1.6426,
				achievedGradeMmPerS: 4.10651,
				forceN: 12.1914,
				vibrationUm: 3.8125,
				vibrationMmPerS: 0.538979,
				verdict: 'caution',
				codes: ['above-tolerance']
			},
			5e-6
		));
	it('balance.update-estimate 1', () =>
		example(
			'balance.update-estimate',
			{
				observations: [
					{ restAngleDeg: 141, unbalanceGmm: 350, sigmaMomentGmm: 25, sigmaUnbalanceGmm: 35 },
					{ weights: [{ massG: 5, radiusMm: 60, angleDeg: 322 }], restAngleDeg: 128, sigmaMomentGmm: 25 }
				]
			},
			{
				unbalanceGmm: 348.687,
				heavyAngleDeg: 140.519,
				lightAngleDeg: 320.519,
				covXxGmm2: 708.636,
				covXyGmm2: -433.349,
				covYyGmm2: 792.405,
				sigmaMajorGmm: 34.4367,
				sigmaMinorGmm: 17.7525,
				innovations: [0.0035, 0.172049],
				presentUnbalanceGmm: 49.3999,
				presentHeavyAngleDeg: 131.488,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.simulate-stand 1', () =>
		example(
			'balance.simulate-stand',
			{
				massKg: 7.5,
				inertiaKgM2: 0.066,
				unbalanceGmm: 420,
				heavyAngleDeg: 250,
				arborRadiusMm: 12,
				startBottomAngleDeg: 210,
				seed: 11,
				readNoiseDeg: 2,
				timeNoiseS: 0.2
			},
			{
				settled: true,
				restAngleDeg: 247.982,
				timeS: 64.0765,
				turningCount: 5,
				periodS: 25.652,
				travelMm: 14.9234,
				frictionGmm: 30.0,
				deadBandDeg: 4.09604,
				readRestAngleDeg: 245.707,
				readPeriodS: 25.4837,
				verdict: 'ok',
				codes: [],
				'turnings.0.timeS': 13.0104,
				'turnings.0.bottomAngleDeg': 281.254,
				'turnings.1.timeS': 25.8841,
				'turnings.1.bottomAngleDeg': 227.25,
				'turnings.2.timeS': 38.6624,
				'turnings.2.bottomAngleDeg': 264.412
			},
			5e-6
		));
});
