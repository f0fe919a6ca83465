import { expect } from 'chai';
import fc from 'fast-check';
import { diagnoseFinish } from '../../../src/core/spec/diagnose-finish.js';
import { overlap } from '../../../src/core/dress/overlap.js';
import { example, refuses } from '../examples.js';

describe('spec.diagnose-finish', () => {
	const id = 'spec.diagnose-finish';
	const job = { targetRaUm: 0.45, tipRadiusUm: 350 };
	const rec = {
		recommendedGrit: 100,
		recommendedDepthUm: 20,
		recommendedLeadUm: 41.36,
		recommendedOverlapRatio: 5.639,
		recommendedRaUm: 0.45
	};
	it('coarse wheel dressed dull', () =>
		example(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10 },
			{
				...rec,
				activeWidthUm: 117.9,
				overlapRatio: 11.79,
				sharpnessIndex: 0.0679,
				dressClass: 'dull',
				raAsDressedUm: 0.311,
				heatIndex: 3.494,
				diagnosis: 'grit-too-coarse-dressed-dull'
			},
			1e-3
		));
	it('fine wheel still dressed dull', () =>
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 5, leadUm: 10 },
			{
				...rec,
				raAsDressedUm: 0.15646,
				sharpnessIndex: 0.1096,
				heatIndex: 5.918,
				diagnosis: 'fine-grit-dressed-dull',
				codes: ['fine-grit-dressed-dull']
			},
			2e-3
		));
	it('right wheel dressed sharp', () =>
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 20, leadUm: 60 },
			{
				...rec,
				activeWidthUm: 233.24,
				overlapRatio: 3.887,
				sharpnessIndex: 1.329,
				raAsDressedUm: 0.542,
				normalDepthUm: 15.48,
				normalLeadUm: 43.28,
				referenceDepthUm: 15.48,
				heatIndex: 1.38,
				diagnosis: 'right-grit-dressed-sharp',
				verdict: 'ok',
				codes: []
			},
			2e-3
		));
	it('coarse wheel dressed sharp', () =>
		example(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 20, leadUm: 60 },
			{
				...rec,
				raAsDressedUm: 1.078,
				sharpnessIndex: 0.823,
				heatIndex: 0.815,
				diagnosis: 'grit-too-coarse-dressed-sharp'
			},
			1e-3
		));
	it('right wheel dressed open, and one finer than needed', () => {
		example(
			id,
			{ ...job, gritNumber: 100, dressDepthUm: 20, leadUm: 128 },
			{ diagnosis: 'right-grit-dressed-open' }
		);
		example(
			id,
			{ ...job, targetRaUm: 0.8, gritNumber: 100, dressDepthUm: 20, leadUm: 60 },
			{ diagnosis: 'grit-finer-than-needed', codes: ['grit-finer-than-needed'] }
		);
		example(
			id,
			{ ...job, targetRaUm: 0.8, gritNumber: 100, dressDepthUm: 5, leadUm: 10 },
			{ diagnosis: 'fine-grit-dressed-dull', codes: ['fine-grit-dressed-dull', 'grit-finer-than-needed'] }
		);
	});
	it('a tip too blunt for the finish', () =>
		example(
			id,
			{ targetRaUm: 0.3, gritNumber: 150, dressDepthUm: 12, leadUm: 80, tipRadiusUm: 4000, flatWidthUm: 900 },
			{ recommendedLeadUm: 82 }
		));
	it('what it advises is met by its own judgement: the finish asked, sharp enough, not too deep for the grit', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.15, max: 1.2, noNaN: true }),
				fc.double({ min: 100, max: 600, noNaN: true }),
				(targetRaUm, tipRadiusUm) => {
					const asked = { targetRaUm, tipRadiusUm };
					const o = diagnoseFinish.run({ ...asked, gritNumber: 46, dressDepthUm: 20, leadUm: 60 });
					const then = diagnoseFinish.run({
						...asked,
						gritNumber: o.recommendedGrit,
						dressDepthUm: o.recommendedDepthUm,
						leadUm: o.recommendedLeadUm
					});
					expect(then.raAsDressedUm).to.be.closeTo(o.recommendedRaUm, 1e-9);
					expect(then.dressClass).not.to.equal('dull');
					expect(then.sharpnessIndex).to.be.at.least(0.6 - 1e-9);
					expect(o.recommendedDepthUm).to.be.at.most(1.5 * then.referenceDepthUm + 1e-9);
				}
			)
		));
	it('refuses a grit, a tip or a stock that is none', () => {
		refuses(id, { ...job, gritNumber: 47, dressDepthUm: 5, leadUm: 10 }, 'gritNumber', 'unknown-choice');
		refuses(id, { targetRaUm: 0.45, gritNumber: 46, dressDepthUm: 5, leadUm: 10 }, 'tipRadiusUm', 'missing');
		refuses(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10, flatWidthUm: 700 },
			'flatWidthUm',
			'inconsistent'
		);
		refuses(
			id,
			{ ...job, gritNumber: 46, dressDepthUm: 5, leadUm: 10, stockedGrits: [60, 61] },
			'stockedGrits.1',
			'unknown-choice'
		);
	});
	it('says the same about a dress as the dress station', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 200, noNaN: true }),
				fc.double({ min: 1, max: 900, noNaN: true }),
				fc.double({ min: 50, max: 3000, noNaN: true }),
				(depth, leadUm, tipRadiusUm) => {
					const here = diagnoseFinish.run({
						targetRaUm: 0.5,
						gritNumber: 80,
						dressDepthUm: depth,
						leadUm,
						tipRadiusUm
					});
					const there = overlap.run({ tipRadiusUm, depthUm: depth, leadUm, grainSizeUm: here.grainUm });
					expect([here.overlapRatio, here.dressClass, here.sharpnessIndex, here.overlapBand]).to.deep.equal([
						there.overlapRatio,
						there.dressClass,
						there.sharpnessIndex,
						there.overlapBand
					]);
				}
			)
		));
	it('a slower traverse is always finer and hotter', () =>
		fc.assert(
			fc.property(fc.double({ min: 10, max: 400, noNaN: true }), (leadUm) => {
				const [slow, fast] = [leadUm, leadUm * 1.2].map((l) =>
					diagnoseFinish.run({ ...job, gritNumber: 80, dressDepthUm: 20, leadUm: l })
				);
				expect(slow!.raAsDressedUm).to.be.below(fast!.raAsDressedUm);
				expect(slow!.heatIndex).to.be.above(fast!.heatIndex);
			})
		));
});

describe('spec.diagnose-finish: what was measured counts first', () => {
	// A wheel and a dress that should give what is asked.
	const GOOD = { targetRaUm: 0.8, gritNumber: 60, dressDepthUm: 20, leadUm: 70, tipRadiusUm: 300 };
	const says = (measuredRaUm: number | null) => diagnoseFinish.run({ ...GOOD, measuredRaUm });
	it('begins from a right wheel with a right dress', () =>
		expect(says(null).diagnosis).to.equal('right-grit-dressed-sharp'));
	it('well above what is asked is never "leave it alone": the lead follows from the measured figure', () => {
		const out = says(0.95);
		expect(out.diagnosis).to.equal('rougher-as-measured');
		expect(out.verdict).to.equal('caution');
		expect(out.recommendedLeadUm).to.be.closeTo(70 * (0.8 / 0.95) ** 2, 1e-9);
		expect(out.recommendedRaUm).to.be.closeTo(0.8, 1e-9);
	});
	it('so rough that a short enough lead would polish: a finer grit', () => {
		const out = says(3);
		expect(out.diagnosis).to.equal('grit-too-coarse-as-measured');
		expect(out.recommendedGrit).to.be.above(60);
	});
	it('finer than asked is good, and an open dress that gives the finish is right', () => {
		expect(says(0.4)).to.include({ diagnosis: 'finer-as-measured', verdict: 'ok' });
		expect(says(0.75).diagnosis).to.equal('right-grit-dressed-sharp');
		const open = { ...GOOD, targetRaUm: 0.8, leadUm: 110 };
		expect(diagnoseFinish.run(open).diagnosis).to.equal('right-grit-dressed-open');
		expect(diagnoseFinish.run({ ...open, measuredRaUm: 0.75 }).diagnosis).to.equal(
			'right-grit-dressed-sharp'
		);
	});
});
