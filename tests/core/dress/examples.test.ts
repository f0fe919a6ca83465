import { example } from '../examples.js';

describe('dress: worked examples', () => {
	it('dress.overlap 1', () =>
		example(
			'dress.overlap',
			{ tipRadiusUm: 275, depthUm: 16, leadUm: 58 },
			{
				activeWidthUm: 184.87,
				overlapRatio: 3.1874,
				overlapBand: 'general',
				scallopHeightUm: 1.5334,
				scallopApproxUm: 1.5291,
				sharpnessIndex: 1.004,
				dressClass: 'general',
				classReasons: ['overlap-medium'],
				leads: { roughUm: 73.947, generalUm: 46.217, finishUm: 30.811 },
				verdict: 'ok',
				codes: []
			},
			5e-4
		));
	it('dress.overlap 2', () =>
		example(
			'dress.overlap',
			{ tipRadiusUm: 190, flatWidthUm: 150, depthUm: 5, leadUm: 14 },
			{
				activeWidthUm: 171.41,
				overlapRatio: 12.244,
				overlapBand: 'dull',
				scallopHeightUm: 0.0,
				scallopApproxUm: 0.12895,
				sharpnessIndex: 0.081674,
				dressClass: 'dull',
				classReasons: ['overlap-very-high', 'depth-shallow'],
				leads: { roughUm: 68.566, generalUm: 42.854, finishUm: 28.569 },
				verdict: 'caution',
				codes: ['dressed-dull']
			},
			5e-4
		));
	it('dress.single-point 1', () =>
		example(
			'dress.single-point',
			{
				wheelDiameterMm: 196,
				wheelSpeedRpm: 2870,
				grainSizeUm: 230,
				depthUm: 21,
				traverseMmPerMin: 212,
				tipRadiusUm: 240,
				coolant: 'continuous'
			},
			{
				surfaceSpeedMps: 29.453,
				leadUm: 73.868,
				traverseMmPerMin: 212,
				leadPerGrainRatio: 0.32116,
				overlap: {
					activeWidthUm: 196.36,
					overlapRatio: 2.6582,
					overlapBand: 'rough',
					scallopHeightUm: 2.8589,
					scallopApproxUm: 2.8419,
					sharpnessIndex: 1.58,
					dressClass: 'general',
					classReasons: ['overlap-low', 'depth-deep'],
					leads: { roughUm: 78.543, generalUm: 49.089, finishUm: 32.726 }
				},
				verdict: 'ok',
				codes: []
			},
			5e-4
		));
	it('dress.single-point 2', () =>
		example(
			'dress.single-point',
			{
				wheelDiameterMm: 196,
				wheelSpeedRpm: 2870,
				grainSizeUm: 230,
				depthUm: 58,
				leadUm: 245,
				tipRadiusUm: 240,
				coolant: 'intermittent'
			},
			{
				surfaceSpeedMps: 29.453,
				leadUm: 245,
				traverseMmPerMin: 703.15,
				leadPerGrainRatio: 1.0652,
				overlap: {
					activeWidthUm: 312.9,
					overlapRatio: 1.2771,
					overlapBand: 'open',
					scallopHeightUm: 33.617,
					scallopApproxUm: 31.263,
					sharpnessIndex: 9.0829,
					dressClass: 'open-sharp',
					classReasons: ['overlap-low', 'depth-deep'],
					leads: { roughUm: 125.16, generalUm: 78.224, finishUm: 52.149 }
				},
				verdict: 'caution',
				codes: ['depth-heavy', 'lead-exceeds-grain', 'coolant-intermittent']
			},
			5e-4
		));
	it('dress.dresser-position 1', () =>
		example(
			'dress.dresser-position',
			{
				setup: 'surface-below',
				wheelDiameterMm: 194,
				rotation: 'clockwise',
				offsetMm: -4.4,
				dragAngleDeg: 11
			},
			{
				side: 'outgoing',
				pastCentreMm: 4.4,
				pastCentreDeg: 2.5999,
				contactClockDeg: 182.6,
				sagittaMm: 0.099845,
				radialFeedFactor: 0.99897,
				radiusErrorUm: 99.743,
				recommendedOffsetMm: -11.5,
				recommendedMinMm: 3.0,
				recommendedMaxMm: 20.0,
				verdict: 'ok',
				codes: []
			},
			5e-4
		));
	it('dress.dresser-position 2', () =>
		example(
			'dress.dresser-position',
			{ setup: 'surface-below', wheelDiameterMm: 194, rotation: 'counter-clockwise', offsetMm: -4.4 },
			{
				side: 'ingoing',
				pastCentreMm: -4.4,
				pastCentreDeg: -2.5999,
				contactClockDeg: 182.6,
				sagittaMm: 0.099845,
				radialFeedFactor: 0.99897,
				radiusErrorUm: 99.743,
				recommendedOffsetMm: 11.5,
				recommendedMinMm: 3.0,
				recommendedMaxMm: 20.0,
				verdict: 'stop',
				codes: ['dresser-on-ingoing-side']
			},
			5e-4
		));
	it('dress.dresser-position 3', () =>
		example(
			'dress.dresser-position',
			{ setup: 'radius-dress', wheelDiameterMm: 166, rotation: 'clockwise', offsetMm: 0.27, dragAngleDeg: 0 },
			{
				side: 'ingoing',
				pastCentreMm: -0.27,
				pastCentreDeg: -0.18638,
				contactClockDeg: 179.81,
				sagittaMm: 0.00043916,
				radialFeedFactor: 0.99999,
				radiusErrorUm: 0.43916,
				recommendedOffsetMm: 0.0,
				recommendedMinMm: 0.0,
				recommendedMaxMm: 0.02,
				verdict: 'caution',
				codes: ['dresser-off-centre']
			},
			5e-4
		));
	it('dress.plan 1', () =>
		example(
			'dress.plan',
			{
				wheelDiameterMm: 251.4,
				wheelWidthMm: 22,
				wheelMinDiameterMm: 168,
				wheelSpeedRpm: 2210,
				grainSizeUm: 215,
				roughStockUm: 70,
				roughDepthUm: 20,
				roughLeadUm: 120,
				finishStockUm: 14,
				finishDepthUm: 8,
				finishLeadUm: 61,
				sparkOutPasses: 1,
				overTravelMm: 4
			},
			{
				roughPasses: 4,
				finishPasses: 2,
				totalPasses: 7,
				totalDepthUm: 84,
				timeS: 79.206,
				diameterAfterMm: 251.23,
				surfaceSpeedMps: 29.091,
				surfaceSpeedAfterMps: 29.071,
				volumeRemovedMm3: 1459.1,
				lifeUsedPercent: 0.20144,
				dressesLeft: 495,
				verdict: 'ok',
				codes: [],
				'passes.0': {
					kind: 'rough',
					number: 1,
					depthUm: 17.5,
					leadUm: 120,
					traverseMmPerMin: 265.2,
					timeS: 8.7873,
					diameterAfterMm: 251.37
				}
			},
			5e-4
		));
});
