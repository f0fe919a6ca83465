import { expect } from 'chai';
import fc from 'fast-check';
import { burnRisk } from '../../../src/core/dress/burn-risk.js';
import { fitFinish } from '../../../src/core/dress/fit-finish.js';
import { predictFinish } from '../../../src/core/dress/predict-finish.js';
import { mulberry32 } from '../../../src/core/numeric/random.js';
import { studentT95 } from '../../../src/core/numeric/student-t.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const CUT = { leadUm: 92, depthUm: 17, specificRemovalMm2PerS: 1.7, wheelSpeedMps: 33, grainSizeUm: 170 };
const FIT = {
	logC: -3.456,
	x: 0.29878,
	scaleLog: 0.088318,
	dof: 8,
	v11: 0.44485,
	v12: 0.29161,
	v22: 0.42101
};
const learnt = (more: object = {}) => ({
	fit: FIT,
	ranges: { leadUm: [60, 100], depthUm: [9, 18], thicknessUm: [0.02, 0.1] },
	...more
});

limits('dress.predict-finish', CUT, [
	{ code: 'prior-only', severity: 'caution', not: [learnt()], yes: [{}] },
	{
		code: 'outside-fitted-range',
		severity: 'caution',
		not: [{}, learnt(), learnt({ leadUm: 40 }), learnt({ leadUm: 150 }), learnt({ depthUm: 27 })],
		yes: [
			learnt({ leadUm: 39.9 }),
			learnt({ leadUm: 150.1 }),
			learnt({ depthUm: 27.1 }),
			learnt({ specificRemovalMm2PerS: 5 })
		]
	},
	{
		code: 'target-not-reached',
		severity: 'caution',
		not: [{}, { targetRaUm: 0.59 }, { targetRaUm: 5 }],
		yes: [{ targetRaUm: 0.58 }, { targetRaUm: 0.1 }]
	}
]);

describe('dress.predict-finish: the law', () => {
	const ra = (more: object = {}) => predictFinish.run({ ...CUT, ...more });
	it('rougher with the root of the lead and the fourth root of the bite', () => {
		expect(ra({ leadUm: 368 }).raUm / ra().raUm).to.be.closeTo(2, 1e-9);
		expect(ra({ depthUm: 17 * 16 }).raUm / ra().raUm).to.be.closeTo(2, 1e-9);
		expect(ra({ leadUm: ra({ targetRaUm: 0.4 }).leadForTargetUm }).raUm).to.be.closeTo(0.4, 1e-9);
	});
	it('says how surely it meets what is wanted', () => {
		const says = (targetRaUm: number | null) => ra({ targetRaUm }).meetsTarget;
		expect([says(null), says(1.4), says(1), says(0.4), says(0.2)]).to.deep.equal([
			null,
			'yes',
			'likely',
			'unlikely',
			'no'
		]);
	});
	it('wants the grain or a whole law', () => {
		refuses('dress.predict-finish', { ...CUT, grainSizeUm: null }, 'grainSizeUm', 'missing');
		refuses('dress.predict-finish', { ...CUT, fit: { ...FIT, x: null } }, 'fit.x', 'missing');
		example('dress.predict-finish', { ...CUT, ...learnt(), grainSizeUm: null }, { source: 'fit' });
	});
	it("the quantile is Student's, from the tables", () => {
		const table: [number, number][] = [
			[1, 6.313752],
			[2, 2.919986],
			[4, 2.131847],
			[8, 1.859548],
			[30, 1.697261],
			[120, 1.657651],
			[1000, 1.646379]
		];
		for (const [dof, t] of table) expect(studentT95(dof), `${dof}`).to.be.closeTo(t, 2e-6);
	});
});

describe('dress.fit-finish: learning', () => {
	/** Cuts of a made-up wheel with these constants, its scatter seeded. */
	const cuts = (n: number, logC: number, x: number, noise: number, seed: number) => {
		const rnd = mulberry32(seed);
		return Array.from({ length: n }, () => {
			const c = {
				leadUm: 40 + 100 * rnd(),
				depthUm: 6 + 20 * rnd(),
				specificRemovalMm2PerS: 0.3 + 5 * rnd(),
				wheelSpeedMps: 30
			};
			const u = Math.log(c.specificRemovalMm2PerS / 30 / 0.1);
			const ln = logC + x * u + 0.5 * Math.log(c.leadUm) + 0.25 * Math.log(c.depthUm);
			return { ...c, raUm: Math.exp(ln + noise * (2 * rnd() - 1)) };
		});
	};
	it('recovers hidden constants the better the more cuts there are', () => {
		for (const seed of [1, 2, 3]) {
			const off = (n: number) => {
				const { fit } = fitFinish.run({ grainSizeUm: 170, cuts: cuts(n, -3.1, 0.4, 0.1, seed) });
				return Math.hypot(fit.logC + 3.1, fit.x - 0.4);
			};
			expect(off(200), `seed ${seed}`).to.be.below(0.05);
			expect(off(200)).to.be.below(off(3) + 0.02);
		}
	});
	it('without scatter leaves next to no residual, and the band narrows', () => {
		const { fit, residualsLog } = fitFinish.run({ grainSizeUm: 170, cuts: cuts(60, -3.2, 0.3, 0, 5) });
		for (const r of residualsLog) expect(Math.abs(r)).to.be.below(0.01);
		const prior = predictFinish.run(CUT);
		const after = predictFinish.run({ ...CUT, fit });
		expect(after.highUm / after.lowUm).to.be.below(prior.highUm / prior.lowUm);
	});
	it('names a cut that stands out and drops none', () => {
		const list = cuts(20, -3.2, 0.3, 0.05, 7);
		list[4]!.raUm *= 3;
		const o = fitFinish.run({ grainSizeUm: 170, cuts: list });
		expect(o.outliers).to.deep.equal([4]);
		expect(o.cutsUsed).to.equal(20);
		expect(o.reasons.map((r) => r.code)).to.include('outlier-cut');
	});
	it('says when all chips were alike, or the law is odd', () => {
		const alike = cuts(5, -3.2, 0.3, 0.02, 9).map((c) => ({ ...c, specificRemovalMm2PerS: 2 }));
		const codes = (list: object[]) =>
			fitFinish.run({ grainSizeUm: 170, cuts: list }).reasons.map((r) => r.code);
		expect(codes(alike)).to.deep.equal(['exponent-not-identified']);
		expect(codes(cuts(60, -3.2, 0.9, 0, 9))).to.deep.equal(['exponent-unusual']);
		expect(codes(cuts(60, -3.2, 0.01, 0, 9))).to.deep.equal(['exponent-unusual']);
		refuses('dress.fit-finish', { grainSizeUm: 170, cuts: alike.slice(0, 2) }, 'cuts', 'too-few');
		refuses(
			'dress.fit-finish',
			{ grainSizeUm: 170, cuts: [alike[0], { ...alike[1], raUm: 0 }, alike[2]] },
			'cuts.1.raUm',
			'below-minimum'
		);
	});
});

const GRIND = {
	equivalentDiameterMm: 196,
	workDepthUm: 13,
	workSpeedMps: 0.24,
	wheelSpeedMps: 29.5,
	coolant: 'flood',
	grainSizeUm: 250,
	sharpnessIndex: 1.2
};
/** A measured power that makes this index: 163.83 W a mm is the threshold. */
const index = (x: number) => ({ workWidthMm: 10, powerW: 1638.2576 * x });

limits('dress.burn-risk', GRIND, [
	{ code: 'burn-expected', severity: 'caution', not: [{}, index(1.099)], yes: [index(1.101)] },
	{
		code: 'burn-likely',
		severity: 'caution',
		not: [index(0.899), index(1.101)],
		yes: [index(0.901), index(1.099)]
	},
	{
		code: 'dressed-dull',
		severity: 'caution',
		not: [{ sharpnessIndex: 0.25 }, { sharpnessIndex: 0.2, dressClass: 'fine' }],
		yes: [{ sharpnessIndex: 0.249 }, { dressClass: 'dull' }]
	},
	{
		code: 'dress-sharper-before-finer-grit',
		severity: 'caution',
		not: [index(1.2), { ...index(0.5), dressClass: 'dull' }],
		yes: [{ ...index(0.95), dressClass: 'dull' }]
	},
	{ code: 'no-coolant', severity: 'caution', not: [{}, { coolant: 'mist' }], yes: [{ coolant: 'none' }] },
	{
		code: 'outside-model',
		severity: 'caution',
		not: [{}, { workDepthUm: 9800 }],
		yes: [{ workDepthUm: 9801 }, { workSpeedMps: 0.001 }]
	}
]);

describe('dress.burn-risk: what it says', () => {
	const of = (more: object) => burnRisk.run({ ...GRIND, ...more });
	it('the classic four in their order, the worst first', () => {
		const [dull, sharp] = [0.12, 1.3];
		const burn = (grainSizeUm: number, sharpnessIndex: number) =>
			of({ grainSizeUm, sharpnessIndex }).burnIndex!;
		const four = [burn(110, dull), burn(250, dull), burn(110, sharp), burn(250, sharp)];
		expect(four).to.deep.equal([...four].sort((a, b) => b - a));
	});
	it('a sharper wheel, more coolant and a quicker table burn less', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.3, max: 5, noNaN: true }), (s) => {
				expect(of({ sharpnessIndex: s * 1.2 }).burnIndex).to.be.at.most(of({ sharpnessIndex: s }).burnIndex!);
				expect(of({ sharpnessIndex: s, coolant: 'jet' }).burnIndex).to.be.below(
					of({ sharpnessIndex: s, coolant: 'mist' }).burnIndex!
				);
			})
		));
	it('gives no number where the model does not hold', () => {
		const slow = of({ workSpeedMps: 0.001 });
		expect(slow).to.include({
			risk: 'unknown',
			burnIndex: null,
			thresholdJPerMm3: null,
			temperatureFactor: null,
			filmState: 'unknown',
			powerAtThresholdWPerMm: null
		});
		expect(of({ workSpeedMps: 0.001, coolant: 'none' }).filmState).to.equal('none');
	});
	it('a power counts before the model, over its width', () => {
		const o = of({ powerW: 500, workWidthMm: 10 });
		expect(o).to.include({ energySource: 'power' });
		expect(o.specificEnergyJPerMm3).to.be.closeTo(500 / (3.12 * 10), 1e-9);
		refuses('dress.burn-risk', { ...GRIND, powerW: 500 }, 'workWidthMm', 'missing');
	});
	it('another material wants its own values, steel has them', () => {
		const own = {
			u0JPerMm3: 5,
			burnCoefficient: 6,
			chipEnergyJPerMm3: 10,
			conductivityWPerMK: 20,
			diffusivityMm2PerS: 6
		};
		expect(of({ workMaterial: 'other', ...own }).risk).to.be.a('string');
		for (const name of Object.keys(own))
			refuses('dress.burn-risk', { ...GRIND, workMaterial: 'other', ...own, [name]: null }, name, 'missing');
	});
});
