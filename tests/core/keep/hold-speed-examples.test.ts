import { example } from '../examples.js';

describe('keep: worked examples', () => {
	it('keep.hold-speed 1', () =>
		example(
			'keep.hold-speed',
			{ diameterMm: 300, minDiameterMm: 200, targetMps: 30, rpmMax: 2500, ratedMps: 40, rows: 2 },
			{
				speedRpm: 1909.859,
				speedMps: 30,
				wantedRpm: 1909.859,
				heldToDiameterMm: 229.1831,
				rows: [
					{ diameterMm: 300, wantedRpm: 1909.859, speedRpm: 1909.859, speedMps: 30 },
					{ diameterMm: 250, wantedRpm: 2291.831, speedRpm: 2291.831, speedMps: 30 },
					{ diameterMm: 200, wantedRpm: 2864.789, speedRpm: 2500, speedMps: 26.17994 }
				],
				speedAtMinDiameterMps: 26.17994,
				verdict: 'caution',
				codes: ['speed-not-held-to-the-end']
			},
			5e-7
		));
});
