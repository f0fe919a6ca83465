import { example } from '../examples.js';

describe('set: worked examples', () => {
	it('set.register-dresser 1', () =>
		example(
			'set.register-dresser',
			{
				odStartZMm: 3,
				odStartXMm: 124.5,
				odEndZMm: 27,
				odEndXMm: 124.506,
				faceZMm: -0.3,
				pastFaceZMm: 33.8,
				wheelWidthMm: 30,
				tipRadiusMm: 0.3,
				cleanedUp: true
			},
			{
				taperUm: 7.5,
				taperAngleArcsec: 51.5662,
				allowedAngleDeg: 0.009549296,
				nearEdgeZMm: 0,
				farEdgeZMm: 30,
				overTravelEndMm: 3.5,
				suggestedStartZMm: -2.3,
				verdict: 'caution',
				codes: ['taper-over-tolerance']
			},
			5e-6
		));
	it('set.calibrate-wheel 1', () =>
		example(
			'set.calibrate-wheel',
			{ touchXMm: [88.412, 88.415], touchZMm: [20.03], probeXMm: [61.2, 61.203], probeZMm: [24.5] },
			{
				offsetXMm: -27.212,
				offsetZMm: 4.47,
				scatterUm: 3,
				standardErrorXUm: 2.12132,
				standardErrorZUm: null,
				verdict: 'caution',
				codes: ['single-reading']
			},
			5e-6
		));
	it('set.contact-side 1', () =>
		example(
			'set.contact-side',
			{
				kind: 'internal',
				wheelSideOfWork: 'x-minus',
				grindSide: 'x-minus',
				dressSide: 'x-plus',
				dressBites: 'x-minus'
			},
			{
				expectedSide: 'x-minus',
				expectedDressBites: 'x-plus',
				compensationSign: -1,
				sidesAgree: false,
				verdict: 'stop',
				codes: ['dress-side-differs']
			}
		));
	it('set.dress-compensation 1', () =>
		example(
			'set.dress-compensation',
			{
				dressRadialUm: 40,
				dialReads: 'diameter',
				contactSide: 'x-plus',
				previousZeroMm: 50,
				touchZeroMm: 49.92
			},
			{
				shiftMm: 0.08,
				newZeroMm: 50.08,
				touchDifferenceUm: -80,
				looksLike: 'sign-reversed',
				verdict: 'stop',
				codes: ['sign-reversed']
			}
		));
});
