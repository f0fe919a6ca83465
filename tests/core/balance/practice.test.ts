import { expect } from 'chai';
import fc from 'fast-check';
import {
	judge,
	modelOf,
	parOf,
	practiceWheel,
	startAngle,
	trajectory
} from '../../../src/core/balance/practice/round.js';
import { Roll, phiOf } from '../../../src/core/balance/stand-physics.js';
import { twoWeights } from '../../../src/core/balance/two-weights.js';
import { angleOf, len } from '../../../src/core/numeric/angles.js';

const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);

describe('a round at the practice stand', () => {
	it('follows from its seed alone', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 4294967295 }), (seed) => {
				expect(practiceWheel(seed)).to.deep.equal(practiceWheel(seed));
				expect(startAngle(seed, 3)).to.equal(startAngle(seed, 3)).and.to.be.within(0, 360);
				expect(startAngle(seed, 3)).not.to.equal(startAngle(seed, 4));
			}),
			{ numRuns: 30 }
		));
	it("what is shown sixty times a second ends where the stand's own physics ends", () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 1e6 }), fc.integer({ min: 0, max: 359 }), (seed, start) => {
				const t = trajectory(seed, [0, 180], start, 10);
				const { model, heavyAngleDeg } = modelOf(practiceWheel(seed), [0, 180]);
				const roll = new Roll(model, phiOf(heavyAngleDeg, start), (-10 * Math.PI) / 180).run(1 / 60, 900);
				expect(apart(t.restDeg, t.bottomDeg.at(-1)!)).to.be.below(1e-3);
				expect(t.turningS).to.deep.equal(roll.turnings.map((x) => x.timeS));
				expect(apart(t.bottomDeg[0]!, start)).to.be.below(1e-6);
				expect(t.bottomDeg.length / t.hz).to.be.closeTo(roll.t, 0.1);
			}),
			{ numRuns: 12 }
		));
	it('is won by the weights that cancel it, and not by leaving them', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
				const w = practiceWheel(seed);
				const right = twoWeights
					.run({ unbalanceGmm: len(w.U), heavyAngleDeg: angleOf(w.U), massG: w.u / 50, radiusMm: 50 })
					.placements.map((p) => p.angleDeg);
				expect(judge(seed, right)).to.include({ inside: true });
				expect(judge(seed, right).residualGmm).to.be.below(1e-6);
				expect(judge(seed, [0, 180]).inside).to.equal(false);
			}),
			{ numRuns: 40 }
		));
	it('says how many releases others need on this very wheel', () => {
		const par = parOf(12);
		expect(par.computed).to.be.within(1, 6);
		expect(par.feel).to.be.at.least(par.computed);
	});
});
