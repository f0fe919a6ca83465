import { example } from '../examples.js';
import { limits } from '../limits.js';

const GOOD = { requiredFreeRunS: 180, actualFreeRunS: 180, heard: 'normal' };
const shakes = (vibrationMmPerS: number, vibrationBareMmPerS?: number) => ({
	vibrationMmPerS,
	...(vibrationBareMmPerS === undefined ? {} : { vibrationBareMmPerS })
});

limits('run-in.outcome', GOOD, [
	{
		code: 'abnormal-sound',
		severity: 'stop',
		not: [{}, { heard: 'not-listened' }],
		yes: [{ heard: 'rising' }, { heard: 'knock' }, { heard: 'rub' }]
	},
	{
		code: 'not-listened',
		severity: 'caution',
		not: [{}, { heard: 'knock' }],
		yes: [{ heard: 'not-listened' }]
	},
	{ code: 'smoke-or-smell', severity: 'stop', not: [{}], yes: [{ smokeOrSmell: true }] },
	{
		code: 'free-run-short',
		severity: 'stop',
		not: [{ actualFreeRunS: 180 }, { actualFreeRunS: 181 }],
		yes: [{ actualFreeRunS: 179.9 }]
	},
	{ code: 'vibration', severity: 'stop', not: [{}, shakes(4.49)], yes: [shakes(4.5), shakes(9)] },
	{
		code: 'vibration-high',
		severity: 'caution',
		not: [{}, shakes(1.79), shakes(4.5)],
		yes: [shakes(1.8), shakes(4.49)]
	},
	{
		code: 'vibration-doubled',
		severity: 'caution',
		not: [shakes(1.19, 0.6), shakes(1.2), shakes(1.2, 0), shakes(4.5, 0.6), { vibrationBareMmPerS: 0.6 }],
		yes: [shakes(1.2, 0.6), shakes(1.3, 0.6)]
	},
	{
		code: 'spin-dry-short',
		severity: 'caution',
		not: [
			{ coolantUsed: true, requiredSpinDryS: 120, actualSpinDryS: 120 },
			{ requiredSpinDryS: 120, actualSpinDryS: 0 }
		],
		yes: [{ coolantUsed: true, requiredSpinDryS: 120, actualSpinDryS: 119 }]
	}
]);

describe('run-in.outcome: what it says', () => {
	it('goes on with cautions, never with a stop', () => {
		example('run-in.outcome', GOOD, { mayContinue: true, freeRunShortS: 0, vibrationRatio: null });
		example('run-in.outcome', { ...GOOD, heard: 'not-listened' }, { mayContinue: true, verdict: 'caution' });
		example('run-in.outcome', { ...GOOD, actualFreeRunS: 100 }, { mayContinue: false, freeRunShortS: 80 });
		example('run-in.outcome', { ...GOOD, ...shakes(1.5, 0.6) }, { vibrationRatio: 2.5 });
	});
});
