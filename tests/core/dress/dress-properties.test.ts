import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

type Codes = { verdict: string; reasons: { code: string }[] };
const codes = (o: unknown): string[] => (o as Codes).reasons.map((r) => r.code);

describe('dress.dresser-position: the side that never goes', () => {
	const at = (rotation: string, offsetMm: number) =>
		calculation('dress.dresser-position').run({
			setup: 'surface-below',
			wheelDiameterMm: 200,
			rotation,
			offsetMm,
			dragAngleDeg: 11
		}) as unknown as Codes & { side: string; pastCentreMm: number };
	it('stops on the ingoing side at any distance, and turning the spindle round swaps the sides', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.6, max: 60, noNaN: true }), (off) => {
				for (const [rotation, sign] of [
					['clockwise', 1],
					['counter-clockwise', -1]
				] as const) {
					expect(at(rotation, sign * off).verdict).to.equal('stop');
					expect(codes(at(rotation, sign * off))).to.include('dresser-on-ingoing-side');
					expect(at(rotation, -sign * off).side).to.equal('outgoing');
					expect(codes(at(rotation, -sign * off))).not.to.include('dresser-on-ingoing-side');
					expect(at(rotation, -sign * off).pastCentreMm).to.be.closeTo(off, 1e-9);
				}
			})
		));
	it('refuses a diamond beside the wheel', () =>
		refuses(
			'dress.dresser-position',
			{ setup: 'surface-below', wheelDiameterMm: 100, rotation: 'clockwise', offsetMm: 'left' },
			'offsetMm',
			'not-a-number'
		));
});

describe('dress.overlap and dress.plan: what must hold for any dress', () => {
	interface Overlap {
		overlapRatio: number;
		activeWidthUm: number;
		scallopHeightUm: number;
		leads: { roughUm: number; generalUm: number; finishUm: number };
	}
	const overlap = (input: object): Overlap => calculation('dress.overlap').run(input) as unknown as Overlap;
	it('half the lead doubles the overlap and flattens the scallops', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 80, max: 500 }),
				fc.integer({ min: 2, max: 40 }),
				fc.integer({ min: 20, max: 120 }),
				(tipRadiusUm, depthUm, leadUm) => {
					const wide = overlap({ tipRadiusUm, depthUm, leadUm });
					const narrow = overlap({ tipRadiusUm, depthUm, leadUm: leadUm / 2 });
					expect(narrow.overlapRatio).to.be.closeTo(2 * wide.overlapRatio, 1e-9 * wide.overlapRatio);
					expect(narrow.scallopHeightUm).to.be.at.most(wide.scallopHeightUm);
					expect(wide.leads.roughUm).to.be.above(wide.leads.generalUm);
					expect(wide.leads.generalUm).to.be.above(wide.leads.finishUm);
				}
			)
		));

	const PLAN = {
		wheelDiameterMm: 250,
		wheelWidthMm: 22,
		wheelMinDiameterMm: 168,
		wheelSpeedRpm: 2210,
		grainSizeUm: 215,
		roughDepthUm: 20,
		roughLeadUm: 120,
		finishDepthUm: 8,
		finishLeadUm: 61,
		sparkOutPasses: 1
	};
	interface Plan {
		passes: { kind: string; depthUm: number; timeS: number; diameterAfterMm: number }[];
		totalDepthUm: number;
		totalPasses: number;
		timeS: number;
		diameterAfterMm: number;
		dressesLeft: number;
	}
	it('adds up: depth, time and diameter are those of its passes, no bite deeper than asked', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 400 }),
				fc.integer({ min: 1, max: 60 }),
				(roughStockUm, finishStockUm) => {
					const p = calculation('dress.plan').run({
						...PLAN,
						roughStockUm,
						finishStockUm
					}) as unknown as Plan;
					const sum = (of: (x: Plan['passes'][0]) => number) => p.passes.reduce((s, x) => s + of(x), 0);
					expect(p.totalDepthUm).to.be.closeTo(roughStockUm + finishStockUm, 1e-9);
					expect(sum((x) => x.depthUm)).to.be.closeTo(p.totalDepthUm, 1e-6);
					expect(sum((x) => x.timeS)).to.be.closeTo(p.timeS, 1e-6 * p.timeS);
					expect(p.passes.at(-1)!.diameterAfterMm).to.be.closeTo(p.diameterAfterMm, 1e-9);
					expect(p.diameterAfterMm).to.be.closeTo(250 - (2 * p.totalDepthUm) / 1000, 1e-9);
					for (const x of p.passes) expect(x.depthUm).to.be.at.most((x.kind === 'rough' ? 20 : 8) + 1e-9);
				}
			)
		));
	it('stops at the smallest diameter and at a bite no diamond takes', () => {
		expect(
			codes(
				calculation('dress.plan').run({
					...PLAN,
					roughStockUm: 70,
					finishStockUm: 14,
					wheelMinDiameterMm: 249.9
				})
			)
		).to.include('below-minimum-diameter');
		expect(
			codes(
				calculation('dress.plan').run({ ...PLAN, roughStockUm: 300, roughDepthUm: 150, finishStockUm: 14 })
			)
		).to.include('depth-too-great');
	});
	it('refuses a dress that takes nothing', () =>
		refuses('dress.plan', { ...PLAN, roughStockUm: 0, finishStockUm: 0 }, 'finishStockUm', 'inconsistent'));
});
