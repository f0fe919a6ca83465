import { expect } from 'chai';
import fc from 'fast-check';
import { PARTS, WEIGHTS, scoreParts, scorePoints } from '../../../src/core/spec/rank-score.js';

const JOB = {
	family: 'alumina-white',
	alternativeFamilies: ['silicon-carbide-green'],
	gritMeanUm: 250,
	grade: 'J',
	structure: 8,
	bond: 'vitrified',
	minWidthMm: 25
};
const WHEEL = {
	family: 'alumina-white',
	gritMeanUm: 250,
	grade: 'J',
	structure: 8,
	bond: 'vitrified',
	diameterMm: 400,
	widthMm: 25,
	minDiameterMm: 200,
	newDiameterMm: 400
};
const parts = (wheel: object, job: object = {}) =>
	scoreParts({ ...JOB, ...job }, { ...WHEEL, ...wheel }, 400);

describe('the score of a wheel for a job', () => {
	it('is a hundred for the very wheel, and its weights add up to one', () => {
		expect(scorePoints(parts({}))).to.be.closeTo(100, 1e-9);
		expect(PARTS.reduce((sum, p) => sum + WEIGHTS[p], 0)).to.be.closeTo(1, 1e-12);
	});
	it('abrasive: itself, another friable one, an alternative, the same group, another', () => {
		expect(parts({ family: 'alumina-pink' }).abrasive).to.equal(0.85);
		expect(parts({ family: 'silicon-carbide-green' }).abrasive).to.equal(0.7);
		expect(parts({ family: 'alumina-zirconia' }).abrasive).to.equal(0.6);
		expect(parts({ family: 'cbn' }).abrasive).to.equal(0);
		expect(parts({ family: 'diamond' }, { family: 'cbn' }).abrasive).to.equal(0);
		expect(parts({ family: 'no-such-abrasive' }, { family: 'no-such-other' }).abrasive).to.equal(0);
	});
	it('grit: nothing at double or half of the size, half way at the root of two', () => {
		expect(parts({ gritMeanUm: 500 }).grit).to.be.closeTo(0, 1e-12);
		expect(parts({ gritMeanUm: 125 }).grit).to.be.closeTo(0, 1e-12);
		expect(parts({ gritMeanUm: 900 }).grit).to.equal(0);
		expect(parts({ gritMeanUm: 250 * Math.SQRT2 }).grit).to.be.closeTo(0.5, 1e-12);
	});
	it('grade: harder costs a third a letter, softer a fifth', () => {
		expect(parts({ grade: 'K' }).grade).to.be.closeTo(2 / 3, 1e-12);
		expect(parts({ grade: 'M' }).grade).to.equal(0);
		expect(parts({ grade: 'P' }).grade).to.equal(0);
		expect(parts({ grade: 'I' }).grade).to.be.closeTo(0.8, 1e-12);
		expect(parts({ grade: 'D' }).grade).to.equal(0);
	});
	it('bond, structure, size and life', () => {
		expect(parts({ bond: 'resin' }).bond).to.equal(0);
		expect(parts({ structure: 11 }).structure).to.be.closeTo(0.5, 1e-12);
		expect(parts({ structure: 14 }).structure).to.equal(0);
		expect(parts({ structure: 5 }).structure).to.be.closeTo(0.5, 1e-12);
		expect(parts({ diameterMm: 300 }).size).to.equal(0.75);
		expect(parts({ diameterMm: 300, widthMm: 12.5 }).size).to.equal(0.375);
		expect(parts({ widthMm: 50 }).size).to.equal(1);
		expect(parts({ widthMm: 1 }, { minWidthMm: null }).size).to.equal(1);
		expect(parts({ diameterMm: 300 }).life).to.equal(0.5);
		expect(parts({ diameterMm: 200 }).life).to.equal(0);
		expect(parts({ diameterMm: 500 }).life).to.equal(1);
	});
	it('what is unknown counts a quarter, what is not asked counts full', () => {
		const unknown = parts({ family: null, gritMeanUm: null, grade: null, structure: null, bond: null });
		for (const p of ['abrasive', 'grit', 'grade', 'structure', 'bond'] as const)
			expect(unknown[p], p).to.equal(0.25);
		const open = parts(
			{ grade: null, structure: null, bond: null },
			{ grade: null, structure: null, bond: null }
		);
		for (const p of ['grade', 'structure', 'bond'] as const) expect(open[p], p).to.equal(1);
	});
	it('stays between nothing and a hundred', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 3000, noNaN: true }),
				fc.constantFrom('A', 'J', 'Z', null),
				fc.double({ min: 100, max: 900, noNaN: true }),
				(gritMeanUm, grade, diameterMm) => {
					const p = parts({ gritMeanUm, grade, diameterMm });
					for (const value of Object.values(p)) expect(value).to.be.within(0, 1);
					expect(scorePoints(p)).to.be.within(0, 100 + 1e-9);
				}
			)
		));
});
