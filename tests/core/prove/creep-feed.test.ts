import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const CREEP = {
	wheelDiameterMm: 400,
	wheelSpeedMps: 25,
	depthMm: 2,
	tableSpeedMmPerMin: 150,
	widthMm: 20,
	workLengthMm: 80,
	partDepthMm: 6,
	spindlePowerW: 11000,
	redressIntervalMm: 2.5,
	redressTimeS: 15
};

describe('prove.creep-feed', () => {
	it('six millimetres in three passes and a fine one', () =>
		example('prove.creep-feed', CREEP, {
			specificRemovalMm2PerS: 5,
			powerW: 5000,
			load: 0.4545455,
			tangentialForceN: 200,
			normalForceN: 400,
			contactLengthMm: 28.28427,
			equivalentThicknessUm: 0.2,
			passes: 4,
			redressAtMm: [2, 4, 5.95],
			timeS: 234.2548,
			coolantNeedLPerMin: 40,
			maxTableSpeedMmPerMin: 264,
			timeRatio: 0.7655387,
			'reciprocating.passes': 300,
			energyJ: 480000,
			verdict: 'ok',
			codes: []
		}));
	it('no interval, no redress; no fine cut, no pass for it', () => {
		example(
			'prove.creep-feed',
			{ ...CREEP, redressIntervalMm: null },
			{ redressAtMm: [], redressesPerPart: 0 }
		);
		example('prove.creep-feed', { ...CREEP, finishDepthMm: 0 }, { passes: 3 });
	});
	it('between two redresses never more is ground than the interval, unless one pass is deeper', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.2, max: 5, noNaN: true }),
				fc.double({ min: 0.1, max: 6, noNaN: true }),
				fc.double({ min: 0.5, max: 30, noNaN: true }),
				(depthMm, redressIntervalMm, partDepthMm) => {
					const { redressAtMm: at } = run<{ redressAtMm: number[] }>('prove.creep-feed', {
						...CREEP,
						depthMm,
						redressIntervalMm,
						partDepthMm
					});
					const most = Math.max(redressIntervalMm, depthMm);
					expect(at.at(-1)).to.be.closeTo(partDepthMm - 0.05, 1e-9);
					for (const [i, mm] of at.entries())
						expect(mm - (i ? at[i - 1]! : 0)).to.be.within(-1e-9, most + 1e-6);
				}
			)
		));
	it('passes however fine are planned at once, and an interval that is none is refused', () => {
		example('prove.creep-feed', { ...CREEP, depthMm: 1e-9, partDepthMm: 200 }, { redressesPerPart: 80 });
		refuses(
			'prove.creep-feed',
			{ ...CREEP, redressIntervalMm: 1e-6, depthMm: 1e-6 },
			'redressIntervalMm',
			'below-minimum'
		);
	});
	it('refuses a fine cut deeper than the part', () =>
		refuses(
			'prove.creep-feed',
			{ ...CREEP, finishDepthMm: 5, partDepthMm: 4 },
			'finishDepthMm',
			'inconsistent'
		));
});
limits('prove.creep-feed', CREEP, [
	{
		code: 'over-spindle-power',
		severity: 'stop',
		not: [{ spindlePowerW: 5000 }],
		yes: [{ spindlePowerW: 4999 }]
	},
	{
		code: 'near-spindle-power',
		severity: 'caution',
		not: [{ spindlePowerW: 6250 }, { spindlePowerW: 4999 }],
		yes: [{ spindlePowerW: 6249 }, { spindlePowerW: 5000 }]
	},
	{
		code: 'pass-beyond-interval',
		severity: 'caution',
		not: [{ redressIntervalMm: 2 }, { redressIntervalMm: null }],
		yes: [{ redressIntervalMm: 1.99 }]
	},
	{ code: 'dress-after-balancing', severity: 'caution', not: [{}], yes: [{ balancedSinceDress: true }] },
	{
		code: 'coolant-short',
		severity: 'caution',
		not: [{}, { coolantLPerMin: 40 }],
		yes: [{ coolantLPerMin: 39.9 }]
	}
]);
