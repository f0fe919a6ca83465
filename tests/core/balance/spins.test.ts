import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { len } from '../../../src/core/numeric/angles.js';
import { refuses } from '../examples.js';
import { countsOf } from '../../../src/core/balance/spins/counts.js';
import { madeUpWheel, resultant } from '../../../src/core/balance/spins/made-up-wheel.js';
import { pushedSwing } from '../../../src/core/balance/spins/pushed.js';

type Counts = { medianSpins: number; p90Spins: number; meanSpins: number; notReached: number };
const compare = (id: string, input: object) =>
	calculation(id).run(input) as unknown as Record<
		'nudge' | 'spread' | 'computed' | 'pushed' | 'nineMarks',
		Counts
	>;

describe('balancing by feel against computed', () => {
	it('comes out as measured: nine, five and two releases at the median', function () {
		this.timeout(120_000);
		const out = compare('balance.compare-spins', { wheels: 300 });
		expect([out.nudge.medianSpins, out.spread.medianSpins, out.computed.medianSpins]).to.deep.equal([
			9, 5, 2
		]);
		expect(out.computed.meanSpins).to.be.within(2.1, 2.3);
		expect(out.spread.meanSpins).to.be.within(4.8, 5.6);
		expect(out.nudge.meanSpins).to.be.within(9.4, 11.2);
	});
	it('a push and nine marks need fewer than five marks, nine in ten in two', function () {
		this.timeout(120_000);
		const out = compare('balance.compare-pushed', { wheels: 400, seed: 5 });
		expect(out.pushed.meanSpins).to.be.below(2.1);
		expect(out.pushed.p90Spins).to.equal(2);
		expect(out.pushed.meanSpins).to.be.below(out.nineMarks.meanSpins);
		expect(out.pushed.notReached).to.equal(0);
	});
	it('the same seed gives the same run, another seed another', () => {
		const once = compare('balance.compare-spins', { wheels: 12, seed: 3 });
		expect(compare('balance.compare-spins', { wheels: 12, seed: 3 })).to.deep.equal(once);
		expect(compare('balance.compare-spins', { wheels: 12, seed: 4 })).not.to.deep.equal(once);
	});
	it('without any noise every wheel is done in two, or at once', () => {
		const s = {
			seed: 9,
			wheels: 60,
			gradeMmPerS: 2.5,
			speedMps: 30,
			eccMinUm: 40,
			eccMaxUm: 200,
			rollingArmMm: 0.002,
			readNoiseDeg: 0,
			timeNoiseS: 0,
			settingNoiseDeg: 0,
			maxSpins: 60
		};
		const spins = Array.from({ length: s.wheels }, (_, i) => {
			const w = madeUpWheel(s, i);
			return pushedSwing(s, { ...w, believedKgM2: w.inertiaKgM2 }, i);
		});
		expect(Math.max(...spins)).to.equal(2);
	});
	it('a wheel inside the tolerance is proved by its first release', () => {
		const s = {
			seed: 1,
			wheels: 5,
			gradeMmPerS: 4000,
			speedMps: 30,
			eccMinUm: 40,
			eccMaxUm: 200,
			rollingArmMm: 0.004,
			readNoiseDeg: 3,
			timeNoiseS: 0.2,
			settingNoiseDeg: 1,
			maxSpins: 60
		};
		expect(compare('balance.compare-spins', s).computed).to.deep.equal({
			medianSpins: 1,
			p90Spins: 1,
			meanSpins: 1,
			notReached: 0
		});
		const w = madeUpWheel(s, 0);
		expect(len(resultant(w, [0, 180]))).to.be.closeTo(len(w.U), 1e-6);
	});
	it('counts as it says, and refuses no wheels', () => {
		expect(countsOf([2, 2, 3, 61], 60)).to.deep.equal({
			medianSpins: 2,
			p90Spins: 61,
			meanSpins: 17,
			notReached: 1
		});
		refuses('balance.compare-spins', { wheels: 0 }, 'wheels', 'below-minimum');
	});
});
