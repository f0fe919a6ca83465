import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of overlap and settings', () => {
	it('dress.overlap 1', () =>
		example(
			'dress.overlap',
			{ tipRadiusUm: 275, depthUm: 16, leadUm: 58 },
			{
				activeWidthUm: 184.87,
				overlapRatio: 3.1874,
				effectiveOverlapRatio: 3.1874,
				overlapBand: 'general',
				scallopHeightUm: 1.5334,
				scallopApproxUm: 1.5291,
				referenceDepthUm: 20,
				sharpnessIndex: 1.004,
				dressClass: 'general',
				classReasons: ['overlap-medium'],
				leads: { roughUm: 73.947, generalUm: 46.217, finishUm: 30.811 },
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.overlap 2', () =>
		example(
			'dress.overlap',
			{ tipRadiusUm: 190, flatWidthUm: 150, depthUm: 5, leadUm: 14 },
			{
				activeWidthUm: 171.41,
				overlapRatio: 12.244,
				effectiveOverlapRatio: 12.244,
				overlapBand: 'dull',
				scallopHeightUm: 0,
				scallopApproxUm: 0.12895,
				referenceDepthUm: 20,
				sharpnessIndex: 0.081674,
				dressClass: 'dull',
				classReasons: ['overlap-very-high', 'depth-shallow'],
				leads: { roughUm: 68.566, generalUm: 42.854, finishUm: 28.569 },
				verdict: 'caution',
				codes: ['dressed-dull']
			},
			TOLERANCE
		));
	it('dress.overlap 3', () =>
		example(
			'dress.overlap',
			{ tipRadiusUm: 250, depthUm: 6, leadUm: 24, grainSizeUm: 58, idlePasses: 1 },
			{
				activeWidthUm: 108.89,
				overlapRatio: 4.5369,
				effectiveOverlapRatio: 9.0738,
				overlapBand: 'general',
				scallopHeightUm: 0.28817,
				scallopApproxUm: 0.288,
				referenceDepthUm: 6.96,
				sharpnessIndex: 0.38003,
				dressClass: 'fine',
				classReasons: ['overlap-high'],
				leads: { roughUm: 43.554, generalUm: 27.221, finishUm: 18.148 },
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
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
					effectiveOverlapRatio: 2.6582,
					overlapBand: 'rough',
					scallopHeightUm: 2.8589,
					scallopApproxUm: 2.8419,
					referenceDepthUm: 25,
					sharpnessIndex: 1.264,
					dressClass: 'general',
					classReasons: ['overlap-low'],
					leads: { roughUm: 78.543, generalUm: 49.089, finishUm: 32.726 }
				},
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
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
					effectiveOverlapRatio: 1.2771,
					overlapBand: 'open',
					scallopHeightUm: 33.617,
					scallopApproxUm: 31.263,
					referenceDepthUm: 25,
					sharpnessIndex: 7.2663,
					dressClass: 'open-sharp',
					classReasons: ['overlap-low', 'depth-deep'],
					leads: { roughUm: 125.16, generalUm: 78.224, finishUm: 52.149 }
				},
				verdict: 'caution',
				codes: ['depth-heavy', 'lead-exceeds-grain', 'coolant-intermittent']
			},
			TOLERANCE
		));
});
