import { example } from '../examples.js';

describe('balance: worked examples, what is done against it', () => {
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
});
