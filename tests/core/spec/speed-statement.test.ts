import { example, refuses } from '../examples.js';

describe('spec.speed-statement', () => {
	const id = 'spec.speed-statement';
	it('agrees', () =>
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 29 },
			{ computedSpeedMps: 29.23, mismatchPercent: -0.787, verdict: 'ok', likelySlip: null },
			1e-3
		));
	it('radius taken for diameter', () =>
		example(
			id,
			{ diameterMm: 90, statedRpm: 5600, statedSpeedMps: 13.1 },
			{
				computedSpeedMps: 26.389,
				mismatchPercent: -50.36,
				impliedRpm: 2779.9,
				impliedDiameterMm: 44.68,
				likelySlip: 'radius-for-diameter',
				codes: ['speed-statement-mismatch']
			},
			1e-4
		));
	it('off without a known slip', () =>
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedSfpm: 6200 },
			{ statedSpeedMps: 31.496, mismatchPercent: 7.75, likelySlip: null, verdict: 'caution' },
			1e-3
		));
	it('against the marked speed', () => {
		example(
			id,
			{ diameterMm: 203, statedRpm: 3500, statedSpeedMps: 37.2, ratedSpeedMps: 35 },
			{ codes: ['over-rated-speed', 'stated-speed-over-rating'], verdict: 'stop' }
		);
		example(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 58.46, ratedSpeedMps: 35 },
			{ codes: ['speed-statement-mismatch'], likelySlip: 'diameter-doubled' }
		);
	});
	it('wants one quoted speed', () => {
		refuses(id, { diameterMm: 203, statedRpm: 2750 }, 'statedSpeedMps', 'missing');
		refuses(
			id,
			{ diameterMm: 203, statedRpm: 2750, statedSpeedMps: 3, statedSpeedSfpm: 3 },
			'statedSpeedSfpm',
			'inconsistent'
		);
	});
});
