import { expect } from 'chai';
import fc from 'fast-check';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const TOUCH = { readingMm: 12.4, stockUm: 60, wheelRunning: false };
const TRIAL = {
	stockUm: 48,
	roughInfeedUm: 10,
	workLengthMm: 100,
	workWidthMm: 15,
	wheelWidthMm: 20,
	tableSpeedMPerMin: 15
};

describe('prove.touch-off', () => {
	it('paper on a wheel that stands', () =>
		example('prove.touch-off', TOUCH, {
			zeroReadingMm: 12.48,
			startReadingMm: 12.47,
			finishReadingMm: 12.54,
			verdict: 'ok'
		}));
	it('a diameter dial that shrinks, and fingers at a running wheel', () =>
		example(
			'prove.touch-off',
			{
				readingMm: 30,
				readingGrowsInward: false,
				dialReads: 'diameter',
				stockUm: 100,
				wheelRunning: true,
				slipHeldBy: 'hand'
			},
			{
				zeroReadingMm: 29.84,
				startReadingMm: 29.86,
				finishReadingMm: 29.64,
				verdict: 'stop',
				codes: ['fingers-near-wheel']
			}
		));
	it('the trial always begins short of the work, whichever way the dial counts', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -50, max: 50, noNaN: true }),
				fc.boolean(),
				fc.constantFrom('radius', 'diameter'),
				fc.integer({ min: 1, max: 500 }),
				(readingMm, readingGrowsInward, dialReads, uncertaintyUm) => {
					const o = run<Record<string, number>>('prove.touch-off', {
						...TOUCH,
						readingMm,
						readingGrowsInward,
						dialReads,
						uncertaintyUm
					});
					const inward = Math.sign(o.dialPerUm!);
					expect(inward).to.equal(readingGrowsInward ? 1 : -1);
					expect((o.zeroReadingMm! - o.startReadingMm!) * inward).to.be.above(0);
					expect((o.finishReadingMm! - o.zeroReadingMm!) * inward).to.be.above(0);
				}
			)
		));
	it('a spark has no paper between', () =>
		example('prove.touch-off', { ...TOUCH, contact: 'spark', wheelRunning: true }, { zeroReadingMm: 12.4 }));
});
limits('prove.touch-off', TOUCH, [
	{
		code: 'fingers-near-wheel',
		severity: 'stop',
		not: [
			{},
			{ slipHeldBy: 'hand' },
			{ wheelRunning: true },
			{ slipHeldBy: 'hand', wheelRunning: true, contact: 'spark' }
		],
		yes: [{ slipHeldBy: 'hand', wheelRunning: true }]
	},
	{
		code: 'spark-needs-running-wheel',
		severity: 'caution',
		not: [{}, { contact: 'spark', wheelRunning: true }],
		yes: [{ contact: 'spark' }]
	}
]);

describe('prove.trial-schedule', () => {
	it('a surface no wider than the wheel', () =>
		example('prove.trial-schedule', TRIAL, {
			roughCount: 4,
			finishCount: 4,
			sparkOutNeeded: 1,
			passCount: 9,
			strokesPerPass: 1,
			passTimeS: 1.1,
			timeS: 9.9,
			residualBeforeSparkOutUm: 1.092323,
			residualUm: 0.3276969,
			removedUm: 47.6723,
			verdict: 'ok'
		}));
	it('what is commanded is the stock, and what is removed never exceeds it', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 400, noNaN: true }),
				fc.double({ min: 0.5, max: 60, noNaN: true }),
				fc.double({ min: 0, max: 0.95, noNaN: true }),
				(stockUm, roughInfeedUm, lag) => {
					const o = run<{ passes: { commandedUm: number }[]; removedUm: number; residualUm: number }>(
						'prove.trial-schedule',
						{ ...TRIAL, stockUm, roughInfeedUm, lag }
					);
					expect(o.passes.at(-1)!.commandedUm).to.be.closeTo(stockUm, 1e-6);
					expect(o.removedUm).to.be.at.most(stockUm + 1e-6);
					expect(o.removedUm + o.residualUm).to.be.closeTo(stockUm, 1e-6);
					expect(o.residualUm).to.be.at.most(Math.max(0.5, 0) + 1e-9);
				}
			)
		));
	it('a rest too small for a pass joins the last one; what is wider than the wheel is crossed', () => {
		example(
			'prove.trial-schedule',
			{ ...TRIAL, stockUm: 40.04 },
			{ roughCount: 3, 'passes.2.infeedUm': 10.04 }
		);
		example(
			'prove.trial-schedule',
			{ ...TRIAL, stockUm: 40.06 },
			{ roughCount: 4, 'passes.3.infeedUm': 0.06 }
		);
		example('prove.trial-schedule', { ...TRIAL, workWidthMm: 50 }, { strokesPerPass: 6, passTimeS: 6.6 });
		example('prove.trial-schedule', { ...TRIAL, stockUm: 4 }, { roughCount: 0, finishCount: 2 });
	});
	it('refuses a fine infeed above the rough one', () =>
		refuses('prove.trial-schedule', { ...TRIAL, finishInfeedUm: 11 }, 'finishInfeedUm', 'inconsistent'));
});
limits('prove.trial-schedule', TRIAL, [
	{
		code: 'infeed-over-guideline',
		severity: 'caution',
		not: [{ roughInfeedUm: 25.4 }, { roughInfeedUm: 26 }, { kind: 'creep-feed', roughInfeedUm: 2000 }],
		yes: [{ roughInfeedUm: 26.1 }, { kind: 'creep-feed', roughInfeedUm: 31, infeedLimitUm: 30 }]
	},
	{
		code: 'spark-out-short',
		severity: 'caution',
		not: [{}, { sparkOutPasses: 1 }],
		yes: [{ sparkOutPasses: 0 }]
	}
]);
