import { expect } from 'chai';
import { preBalanceRule } from '../../../src/core/true/pre-balance-rule.js';
import { runout } from '../../../src/core/true/runout.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

/** Readings every so many degrees of a rim off centre by one amount, with lobes of another. */
const rim = (eccentricityUm: number, lobesUm = 0, lobes = 3, n = 12) =>
	Array.from({ length: n }, (_, k) => {
		const t = (2 * Math.PI * k) / n;
		return eccentricityUm * Math.cos(t) + lobesUm * Math.cos(lobes * t);
	});
const reads = (eccentricityUm: number, lobesUm = 0) => ({ readingsUm: rim(eccentricityUm, lobesUm) });

limits('true.runout', reads(5), [
	{
		code: 'check-mounting',
		severity: 'stop',
		not: [{ readingsUm: [0, 500, 0, 0] }, { readingsUm: [0, 60, 0, 0], stopTirUm: 60 }],
		yes: [{ readingsUm: [0, 501, 0, 0] }, { readingsUm: [0, 61, 0, 0], stopTirUm: 60 }]
	},
	{
		code: 'runout-above-limit',
		severity: 'caution',
		not: [{ readingsUm: [0, 25, 0, 0] }, { readingsUm: [0, 9, 0, 0], limitTirUm: 9 }],
		yes: [{ readingsUm: [0, 25.1, 0, 0] }, { readingsUm: [0, 9.1, 0, 0], limitTirUm: 9 }]
	},
	{
		code: 'lobes-dominate',
		severity: 'caution',
		not: [reads(4, 7), reads(20), reads(20, 19)],
		yes: [reads(19, 20), reads(0, 30)]
	}
]);

const PLAN = { runoutTirUm: 200, wheelDiameterMm: 300, wheelWidthMm: 30, speedRpm: 2000, allowanceUm: 20 };
const scrap = (minDiameterMm: number) => ({ minDiameterMm });

limits('true.plan', PLAN, [
	{
		code: 'over-rated-speed',
		severity: 'stop',
		not: [{}, { ratedSpeedMps: 31.416 }],
		yes: [{ ratedSpeedMps: 31.415 }]
	},
	{ code: 'below-minimum-diameter', severity: 'stop', not: [{}, scrap(299.75)], yes: [scrap(299.77)] },
	{
		code: 'infeed-too-heavy',
		severity: 'stop',
		not: [{ roughInfeedUm: 102 }, { finishInfeedUm: 102 }],
		yes: [{ roughInfeedUm: 103 }, { finishInfeedUm: 103 }]
	},
	{
		code: 'infeed-heavy',
		severity: 'caution',
		not: [{ roughInfeedUm: 30 }, { roughInfeedUm: 103 }],
		yes: [{ roughInfeedUm: 31 }, { finishInfeedUm: 31 }, { roughInfeedUm: 102 }]
	},
	{
		code: 'no-dust-control',
		severity: 'caution',
		not: [{}, { dustControl: 'extraction' }],
		yes: [{ dustControl: 'none' }]
	},
	{ code: 'no-spark-out', severity: 'caution', not: [{ sparkOutPasses: 1 }], yes: [{ sparkOutPasses: 0 }] },
	{ code: 'check-mounting', severity: 'caution', not: [{ runoutTirUm: 2000 }], yes: [{ runoutTirUm: 2001 }] }
]);

describe('true.plan: what it leaves', () => {
	it('says when little wheel is left, and nothing of it where no scrap diameter is known', () => {
		const near = (minDiameterMm: number | null) => {
			example('true.plan', { ...PLAN, minDiameterMm }, { diameterAfterMm: 299.76 });
			return minDiameterMm;
		};
		expect(near(null)).to.equal(null);
		example(
			'true.plan',
			{ ...PLAN, ...scrap(299.76) },
			{ remainingRadialMm: 0, verdict: 'caution', codes: ['near-minimum-diameter'] }
		);
		example('true.plan', { ...PLAN, ...scrap(200) }, { remainingRadialMm: 49.88, codes: [] });
		example('true.plan', PLAN, { remainingRadialMm: null, codes: [] });
	});
	it('refuses to leave no wheel at all', () => {
		refuses('true.plan', { ...PLAN, wheelDiameterMm: 5, runoutTirUm: 5000 }, 'runoutTirUm', 'above-maximum');
	});
});

describe('readings round a rim, at angles of their own', () => {
	const at = (anglesDeg: number[], more: object = {}) => ({
		readingsUm: anglesDeg.map((_, i) => i),
		anglesDeg,
		...more
	});
	it('one angle a reading', () =>
		refuses(
			'true.runout',
			{ readingsUm: [1, 2, 3, 4], anglesDeg: [0, 90, 180] },
			'anglesDeg',
			'length-mismatch'
		));
	it('no two at one place, in whatever order and turn they are given', () => {
		refuses('true.runout', at([0, 90, 180, 90.4]), 'anglesDeg', 'duplicate-angle');
		refuses('true.runout', at([359.8, 90, 180, 0]), 'anglesDeg', 'duplicate-angle');
		refuses('true.runout', at([90, 200, 450, 300]), 'anglesDeg', 'duplicate-angle');
		runout.run(at([90.5, 200, 90, 300]));
	});
	it('no gap over 150 degrees, across the beginning too', () => {
		refuses('true.runout', at([0, 151, 200, 300]), 'anglesDeg', 'angles-not-spread');
		refuses('true.runout', at([10, 60, 110, 160, 219]), 'anglesDeg', 'angles-not-spread');
		runout.run(at([0, 150, 200, 300]));
		runout.run(at([300, 0, 200, 150]));
		runout.run(at([10, 60, 110, 160, 220]));
	});
	it('finds the high spot whichever way it was turned and wherever it began', () => {
		const readingsUm = rim(10);
		example('true.runout', { readingsUm }, { highSpotAngleDeg: 0, eccentricityUm: 10 });
		example('true.runout', { readingsUm, startAngleDeg: 40 }, { highSpotAngleDeg: 40 });
		const turned = Array.from({ length: 12 }, (_, k) => 10 * Math.cos((2 * Math.PI * (k - 1)) / 12));
		example('true.runout', { readingsUm: turned }, { highSpotAngleDeg: 30 });
		example('true.runout', { readingsUm: turned, wheelTurned: 'clockwise' }, { highSpotAngleDeg: 330 });
	});
	it('names the strongest harmonic, the lower one where two are alike', () => {
		const dominant = (e: number, lobes: number) => runout.run({ readingsUm: rim(e, lobes) }).dominantOrder;
		expect([dominant(10, 4), dominant(4, 10), dominant(10, 10)]).to.deep.equal([1, 3, 1]);
	});
});

limits('true.pencil-touch', { fromAngleDeg: 0, toAngleDeg: 90, advanceUm: 3 }, [
	{
		code: 'touch-nearly-all-round',
		severity: 'caution',
		not: [{ toAngleDeg: 300 }],
		yes: [{ toAngleDeg: 301 }]
	},
	{ code: 'touch-too-short', severity: 'caution', not: [{ toAngleDeg: 20 }], yes: [{ toAngleDeg: 19.9 }] },
	{ code: 'runout-above-limit', severity: 'caution', not: [{ advanceUm: 3.66 }], yes: [{ advanceUm: 3.67 }] }
]);

describe('true.pre-balance-rule: sizes and schools', () => {
	const rule = (wheelDiameterMm: number, wheelWidthMm: number, more: object = {}) =>
		preBalanceRule.run({ wheelDiameterMm, wheelWidthMm, ...more });
	it('small within both limits, large from the product on', () => {
		const sizes: [number, number, string][] = [
			[255, 13, 'small'],
			[255.1, 13, 'medium'],
			[255, 13.1, 'medium'],
			[300, 24.9, 'medium'],
			[300, 25, 'large'],
			[150, 100, 'large']
		];
		for (const [d, w, size] of sizes) expect(rule(d, w).sizeClass, `${d} x ${w}`).to.equal(size);
	});
	it('a large wheel is balanced roughly first in the schools that balance later', () => {
		const first = (school: string, more: object = {}) => rule(400, 50, { school, ...more }).steps[0];
		expect([first('toolroom'), first('in-machine'), first('neutral-first')]).to.deep.equal(
			Array.from({ length: 3 }, () => 'rough-balance')
		);
		expect(first('stand-first')).to.equal('balance-on-stand');
		expect(first('toolroom', { hasBalanceWeights: false })).not.to.equal('rough-balance');
		expect(rule(200, 10, { school: 'toolroom' }).steps).not.to.include('rough-balance');
		expect(rule(200, 10, { school: 'neutral-first' }).steps).to.include('neutral-weights');
		expect(rule(400, 50, { school: 'neutral-first' }).steps).not.to.include('neutral-weights');
	});
	it('says so where a large wheel has no weights, or a school that is not for it', () => {
		const codes = (d: number, more: object) => rule(d, 50, more).reasons.map((r) => r.code);
		expect(codes(400, { hasBalanceWeights: false })).to.deep.equal(['no-means-of-balancing']);
		expect(codes(100, { hasBalanceWeights: false })).to.deep.equal([]);
		expect(codes(400, { school: 'neutral-first' })).to.deep.equal(['neutral-not-for-large']);
		expect(codes(100, { school: 'neutral-first' })).to.deep.equal([]);
	});
	it('refuses limits that meet', () => {
		const own = {
			wheelDiameterMm: 200,
			wheelWidthMm: 20,
			smallDiameterMm: 200,
			smallWidthMm: 20,
			largeDiameterMm: 200
		};
		refuses('true.pre-balance-rule', { ...own, largeWidthMm: 20 }, 'largeDiameterMm', 'limits-out-of-order');
		example('true.pre-balance-rule', { ...own, largeWidthMm: 20.1 }, { sizeClass: 'small' });
	});
});
