import { example } from '../examples.js';

describe('keep: worked examples', () => {
	it('keep.incident-plan 1', () =>
		example(
			'keep.incident-plan',
			{
				event: 'hard-crash',
				injury: false,
				madeSafe: true,
				findings: {
					guard: 'sound',
					flange: 'light-burr',
					taper: 'sound',
					taperRunoutUm: 3,
					flangeRunoutUm: 14,
					polishMarks: false,
					chuckHighSpots: true,
					chuckGouges: true,
					spindleNoise: false
				},
				done: ['record-and-tag', 'scrap-wheel', 'inspect-guard', 'inspect-flange']
			},
			{
				verdict: 'stop',
				codes: ['runout-above-aim', 'flange-burr', 'chuck-high-spots', 'steps-open'],
				next: 'stone-flange',
				wheelDisposition: 'scrap',
				machineState: 'locked-out'
			},
			5e-6
		));
});
