import { example } from '../examples.js';

const TOLERANCE = 5e-4;

describe('dress: worked examples of where the dresser stands', () => {
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
				formErrorUm: null,
				recommendedOffsetMm: -8.4541,
				recommendedMinMm: 3.3853,
				recommendedMaxMm: 25.105,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
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
				formErrorUm: null,
				recommendedOffsetMm: 8.4541,
				recommendedMinMm: 3.3853,
				recommendedMaxMm: 25.105,
				verdict: 'stop',
				codes: ['dresser-on-ingoing-side']
			},
			TOLERANCE
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
				formErrorUm: 0.43916,
				recommendedOffsetMm: 0,
				recommendedMinMm: 0,
				recommendedMaxMm: 0.40743,
				verdict: 'ok',
				codes: []
			},
			TOLERANCE
		));
	it('dress.dresser-position 4', () =>
		example(
			'dress.dresser-position',
			{
				setup: 'radius-dress',
				wheelDiameterMm: 166,
				rotation: 'clockwise',
				offsetMm: -1.9,
				dragAngleDeg: 0,
				formRadiusMm: 5
			},
			{
				side: 'outgoing',
				pastCentreMm: 1.9,
				pastCentreDeg: 1.3117,
				contactClockDeg: 181.31,
				sagittaMm: 0.02175,
				radialFeedFactor: 0.99974,
				radiusErrorUm: 21.744,
				formErrorUm: 1.3935,
				recommendedOffsetMm: 0,
				recommendedMinMm: 0,
				recommendedMaxMm: 1.6092,
				verdict: 'caution',
				codes: ['dresser-off-centre']
			},
			TOLERANCE
		));
	it('dress.dresser-position 5', () =>
		example(
			'dress.dresser-position',
			{ setup: 'cylindrical-side', wheelDiameterMm: 406, surfaceMotion: 'down', offsetMm: -2.2 },
			{
				side: 'outgoing',
				pastCentreMm: 2.2,
				pastCentreDeg: 0.62095,
				contactClockDeg: null,
				sagittaMm: 0.011922,
				radialFeedFactor: 0.99994,
				radiusErrorUm: 11.921,
				formErrorUm: null,
				recommendedOffsetMm: 0,
				recommendedMinMm: 0,
				recommendedMaxMm: 0.5,
				verdict: 'caution',
				codes: ['size-shift-only']
			},
			TOLERANCE
		));
});
