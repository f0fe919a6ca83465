import { example } from '../examples.js';

describe('mount: worked examples', () => {
	it('mount.flange-check 1', () =>
		example(
			'mount.flange-check',
			{
				wheelDiameterMm: 250,
				boreMm: 50.8,
				backFlangeDiameterMm: 90,
				frontFlangeDiameterMm: 88,
				backRecessDiameterMm: 62,
				frontRecessDiameterMm: 62,
				clean: true,
				burred: false,
				runoutUm: 7,
				clampForceN: 6000,
				blotters: {
					back: {
						present: true,
						outerDiameterMm: 95,
						innerDiameterMm: 51.5,
						thicknessMm: 0.6,
						condition: 'good'
					},
					front: {
						present: true,
						outerDiameterMm: 95,
						innerDiameterMm: 51.5,
						thicknessMm: 0.6,
						condition: 'good'
					}
				}
			},
			{
				verdict: 'stop',
				codes: ['flanges-unequal', 'flange-runout-high'],
				minFlangeDiameterMm: 83.3333,
				frontRatio: 0.352,
				backContactWidthMm: 14,
				contactAreaMm2: 3063.05,
				contactPressureMPa: 1.95883
			},
			5e-6
		));
	it('mount.fit-check 1', () =>
		example(
			'mount.fit-check',
			{ boreMm: 31.81, arborMm: 31.74, massKg: 3.2, shimUm: 60 },
			{
				verdict: 'ok',
				codes: [],
				clearanceUm: 70,
				hotClearanceUm: 58.8593,
				maxEccentricityUm: 35,
				maxRunoutTirUm: 70,
				unbalanceGmm: 112,
				boreNominalMm: 31.75
			},
			5e-6
		));
	it('mount.fit-check 2', () =>
		example(
			'mount.fit-check',
			{ boreMm: 50.84, arborMm: 49.98 },
			{
				verdict: 'stop',
				codes: ['nominal-mismatch', 'far-too-loose'],
				boreNominalMm: 50.8,
				arborNominalMm: 50
			},
			5e-6
		));
	it('mount.tightening-order 1', () =>
		example(
			'mount.tightening-order',
			{ screwCount: 4, finalTorqueNm: 7.5, screwDiameterMm: 6 },
			{
				sequence: [1, 3, 2, 4],
				anglesDeg: [0, 180, 90, 270],
				'passes.1.torqueNm': 2.25,
				'passes.2.torqueNm': 4.5,
				'passes.4.sequence': [1, 2, 3, 4],
				operationCount: 20,
				clampForceN: 25000
			},
			5e-6
		));
	it('mount.tightening-order 2', () =>
		example(
			'mount.tightening-order',
			{ screwCount: 9, finalTorqueNm: 12 },
			{ sequence: [1, 5, 9, 4, 8, 3, 7, 2, 6] },
			5e-6
		));
	it('mount.thread-hand 1', () =>
		example(
			'mount.thread-hand',
			{ rotation: 'ccw', viewedFrom: 'back-side', threadHand: 'left', hardBrake: true },
			{
				rotationFacingNut: 'cw',
				requiredThreadHand: 'left',
				dragOnNut: 'ccw',
				tightens: true,
				verdict: 'caution',
				codes: ['brake-may-loosen']
			},
			5e-6
		));
});
