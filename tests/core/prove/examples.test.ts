import { example } from '../examples.js';

describe('prove: worked examples', () => {
	it('prove.release 1', () =>
		example(
			'prove.release',
			{
				checks: {
					crackSeen: false,
					guardClosed: true,
					runInDone: true,
					speedRpm: 1800,
					maxRpm: 2100,
					balanceResidualGmm: 12,
					balanceLimitGmm: 20,
					runOutUm: 3,
					runOutLimitUm: 5,
					dressSoundEven: true,
					raUm: 0.9,
					raTargetUm: 0.8,
					burnSeen: false,
					chatterSeen: false
				},
				overrideReason: 'gauge out for calibration'
			},
			{
				released: 'with-reason',
				passCount: 9,
				failCount: 1,
				missingCount: 1,
				verdict: 'caution',
				codes: ['finish-over-target', 'missing-check']
			},
			5e-7
		));
});
