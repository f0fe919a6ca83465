import { example } from '../examples.js';

describe('balance: worked examples of the whole chapter', () => {
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
					{ foot: 'C', direction: 'raise', turn: 'clockwise', heightMm: 0.0527, turns: 0.0351333 }
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
	it('balance.two-weights 1', () =>
		example(
			'balance.two-weights',
			{ unbalanceGmm: 430, heavyAngleDeg: 38, massG: 9, radiusMm: 55 },
			{
				bareUnbalanceGmm: 430.0,
				lightAngleDeg: 218.0,
				placements: [
					{ weight: 1, massG: 9.0, angleDeg: 153.744, travelDeg: null },
					{ weight: 2, massG: 9.0, angleDeg: 282.256, travelDeg: null }
				],
				openingDeg: 128.513,
				residualGmm: 0.0,
				residualAngleDeg: null,
				totalTravelDeg: null,
				capacityGmm: 990.0,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.two-weights 2', () =>
		example(
			'balance.two-weights',
			{ unbalanceGmm: 260, heavyAngleDeg: 38, massG: 9, radiusMm: 55, currentAnglesDeg: [350, 200] },
			{
				bareUnbalanceGmm: 453.676,
				lightAngleDeg: 246.273,
				placements: [
					{ weight: 1, massG: 9.0, angleDeg: 308.998, travelDeg: -41.0019 },
					{ weight: 2, massG: 9.0, angleDeg: 183.548, travelDeg: -16.4523 }
				],
				openingDeg: 125.45,
				residualGmm: 0.0,
				residualAngleDeg: null,
				totalTravelDeg: 57.4543,
				capacityGmm: 990.0,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.weights 1', () =>
		example(
			'balance.weights',
			{
				unbalanceGmm: 540,
				heavyAngleDeg: 200,
				trackRadiusMm: 60,
				weights: [{ massG: 11 }, { massG: 11 }, { massG: 11 }],
				forbidden: [{ fromAngleDeg: 40, toAngleDeg: 60 }]
			},
			{
				bareUnbalanceGmm: 540.0,
				lightAngleDeg: 20.0,
				capacityGmm: 1980.0,
				placements: [
					{ weight: 1, massG: 11.0, angleDeg: 10.8256, travelDeg: 10.8256 },
					{ weight: 2, massG: 11.0, angleDeg: 73.3433, travelDeg: -46.6567 },
					{ weight: 3, massG: 11.0, angleDeg: 240.0, travelDeg: 0.0 }
				],
				totalTravelDeg: 57.4823,
				residualGmm: 6.35529e-14,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.weights 2', () =>
		example(
			'balance.weights',
			{
				unbalanceGmm: 1500,
				heavyAngleDeg: 200,
				measuredWith: 'weights-off',
				trackRadiusMm: 60,
				weights: [{ massG: 11 }, { massG: 11 }],
				minGapDeg: 24
			},
			{
				bareUnbalanceGmm: 1500.0,
				lightAngleDeg: 20.0,
				capacityGmm: 1320.0,
				placements: [
					{ weight: 1, massG: 11.0, angleDeg: 8.0, travelDeg: 8.0 },
					{ weight: 2, massG: 11.0, angleDeg: 32.0, travelDeg: -148.0 }
				],
				totalTravelDeg: 156.0,
				residualGmm: 208.845,
				verdict: 'stop',
				codes: ['capacity-exceeded']
			},
			5e-6
		));
	it('balance.holes 1', () =>
		example(
			'balance.holes',
			{ correctionGmm: 510, correctionAngleDeg: 100, holeRadiusMm: 65, holeCount: 8, massStepG: 0.25 },
			{
				placements: [
					{ hole: 3, angleDeg: 90.0, massG: 6.25 },
					{ hole: 4, angleDeg: 135.0, massG: 2.0 }
				],
				totalMassG: 8.25,
				exactTotalMassG: 8.29131,
				residualGmm: 5.28607,
				verdict: 'ok',
				codes: []
			},
			5e-6
		));
	it('balance.dimples 1', () =>
		example(
			'balance.dimples',
			{
				unbalanceGmm: 150,
				heavyAngleDeg: 12,
				drillDiameterMm: 9,
				depthMm: 3.2,
				radiusMm: 105,
				densityGPerCm3: 2.05,
				wheelWidthMm: 40,
				wheelDiameterMm: 330,
				flangeDiameterMm: 120,
				operatingSpeedMps: 28,
				bond: 'vitrified',
				makerConsent: true
			},
			{
				dimpleVolumeMm3: 114.58,
				dimpleMassG: 0.234888,
				perSide: 3,
				spacingDeg: 12.2777,
				anglesDeg: [359.722, 12.0, 24.2777],
				removedGmm: 145.723,
				residualGmm: 4.27682,
				exactPerSide: 4,
				exactDepthMm: 2.80831,
				verdict: 'caution',
				codes: ['altering-wheel']
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
