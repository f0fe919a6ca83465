import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of plans', () => {
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
				rimDepthAfterMm: null,
				surfaceSpeedMps: 29.091,
				surfaceSpeedAfterMps: 29.071,
				volumeRemovedMm3: 1459.1,
				lifeUsedPercent: 0.20144,
				dressesLeft: 495,
				overlap: null,
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
				},
				'passes.6': {
					kind: 'spark-out',
					number: 1,
					depthUm: 0,
					leadUm: 61,
					traverseMmPerMin: 134.81,
					timeS: 13.352,
					diameterAfterMm: 251.23
				}
			},
			TOLERANCE
		));
	it('dress.plan 2', () =>
		example(
			'dress.plan',
			{
				surface: 'face',
				wheelDiameterMm: 125,
				rimWidthMm: 10,
				rimDepthMm: 6,
				rimDepthMinMm: 1,
				wheelSpeedRpm: 2800,
				grainSizeUm: 129,
				finishStockUm: 30,
				finishDepthUm: 10,
				finishLeadUm: 40,
				sparkOutPasses: 2,
				tipRadiusUm: 250
			},
			{
				roughPasses: 0,
				finishPasses: 3,
				totalPasses: 5,
				totalDepthUm: 30,
				timeS: 59.571,
				diameterAfterMm: 125,
				rimDepthAfterMm: 5.97,
				surfaceSpeedMps: 18.326,
				surfaceSpeedAfterMps: 18.326,
				volumeRemovedMm3: 108.38,
				lifeUsedPercent: 0.6,
				dressesLeft: 165,
				overlap: {
					activeWidthUm: 140,
					overlapRatio: 3.5,
					effectiveOverlapRatio: 10.5,
					overlapBand: 'general',
					scallopHeightUm: 0.80128,
					scallopApproxUm: 0.8,
					referenceDepthUm: 15.48,
					sharpnessIndex: 0.24609,
					dressClass: 'dull',
					classReasons: ['overlap-very-high'],
					leads: { roughUm: 56, generalUm: 35, finishUm: 23.333 }
				},
				verdict: 'caution',
				codes: ['dressed-dull'],
				'passes.0': {
					kind: 'finish',
					number: 1,
					depthUm: 10,
					leadUm: 40,
					traverseMmPerMin: 112,
					timeS: 12.714,
					diameterAfterMm: 125,
					rimDepthAfterMm: 5.99
				},
				'passes.4': {
					kind: 'spark-out',
					number: 2,
					depthUm: 0,
					leadUm: 40,
					traverseMmPerMin: 112,
					timeS: 10.714,
					diameterAfterMm: 125,
					rimDepthAfterMm: 5.97
				}
			},
			TOLERANCE
		));
	it('dress.continuous 1', () =>
		example(
			'dress.continuous',
			{
				wheelDiameterMm: 500,
				wheelWidthMm: 30,
				wheelMinDiameterMm: 380,
				wheelSpeedRpm: 955,
				feedUmPerRev: 0.8,
				cutLengthMm: 140,
				workFeedMmPerMin: 900,
				cutsPerPart: 3
			},
			{
				surfaceSpeedMps: 25.002,
				surfaceSpeedAtMinimumMps: 19.001,
				radialLossMmPerMin: 0.764,
				headFeedMmPerMin: 0.764,
				rollFeedMmPerMin: 0.764,
				cutTimeS: 9.3333,
				radialLossPerCutUm: 118.84,
				radialLossPerPartUm: 356.53,
				diameterAfterPartMm: 499.29,
				floorSlopeUmPer100Mm: 0,
				partsPerWheel: 168,
				wheelVolumePerPartMm3: 16789,
				verdict: 'caution',
				codes: ['surface-speed-falls']
			},
			TOLERANCE
		));
});
