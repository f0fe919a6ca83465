import { expect } from 'chai';
import fc from 'fast-check';
import { handwheelStepUm } from '../../../src/core/route/stations/dress/run.js';
import { truePlan } from '../../../src/core/true/plan.js';

const JOB = { wheelDiameterMm: 300, wheelWidthMm: 32, speedRpm: 2300, leadUm: 100 };

describe('true.plan by a handwheel', () => {
	it('gives bites of whole steps, and no bite that cannot be set', () => {
		const plan = truePlan.run({ ...JOB, runoutTirUm: 34, allowanceUm: 25, infeedStepUm: 2.5 });
		expect(plan.finishInfeedUm).to.equal(10);
		expect(plan.roughInfeedUm % 2.5).to.equal(0);
		// A step larger than the bite asked for is all that can be set.
		expect(truePlan.run({ ...JOB, runoutTirUm: 34, infeedStepUm: 15 }).finishInfeedUm).to.equal(15);
	});
	it('takes what is asked, and less than a step more for each kind of pass', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 400, noNaN: true }),
				fc.constantFrom(1, 2, 2.5, 5, 10, 12.7),
				(runoutTirUm, infeedStepUm) => {
					const even = truePlan.run({ ...JOB, runoutTirUm });
					const set = truePlan.run({ ...JOB, runoutTirUm, infeedStepUm });
					const more = set.radialStockUm - even.radialStockUm;
					expect(more).to.be.within(-1e-6, 2 * Math.max(infeedStepUm, 25));
					expect(set.diameterAfterMm).to.be.closeTo(even.diameterAfterMm - (2 * more) / 1000, 1e-9);
					for (const each of [set.roughInfeedUm, set.finishInfeedUm]) {
						const steps = each / infeedStepUm;
						expect(Math.abs(steps - Math.round(steps))).to.be.below(1e-9);
					}
				}
			)
		));
	it('knows what one division moves on the radius', () => {
		const dial = { dialDivisionUm: 5, axes: 'by-hand' } as const;
		expect(handwheelStepUm({ ...dial, dialReads: 'radius' })).to.equal(5);
		expect(handwheelStepUm({ ...dial, dialReads: 'diameter' })).to.equal(2.5);
		expect(handwheelStepUm({ ...dial, dialReads: 'radius', axes: 'cnc' })).to.equal(null);
		expect(handwheelStepUm({ ...dial, dialReads: 'radius', dialDivisionUm: null })).to.equal(null);
	});
});
