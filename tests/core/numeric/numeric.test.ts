import { expect } from 'chai';
import fc from 'fast-check';
import { fold360 } from '../../../src/core/numeric/angles.js';
import { addMonths, dayNumber } from '../../../src/core/numeric/calendar.js';
import {
	envelopeEnergy,
	positiveSpectrum,
	powerOfTwo,
	powerSpectrum
} from '../../../src/core/numeric/fft.js';
import { leastSquares } from '../../../src/core/numeric/least-squares.js';
import { median } from '../../../src/core/numeric/median.js';
import { ceilCount, floorKind, plainNumber } from '../../../src/core/numeric/rounding.js';

describe('numbers beneath the calculations', () => {
	it('counts bites without an extra one for a rounding error', () => {
		expect(ceilCount(0.3, 0.1)).to.equal(3);
		expect(ceilCount(0, 0.1)).to.equal(0);
		expect(ceilCount(0.31, 0.1)).to.equal(4);
		expect(floorKind(0.3 / 0.1)).to.equal(3);
		expect(plainNumber(2.5)).to.equal('2.5');
		expect(plainNumber(3.00001)).to.equal('3');
	});
	it('takes the middle, whatever the order', () => {
		const list = [9, 1, 5];
		expect([median(list), median([4, 1, 3, 2]), median([])]).to.deep.equal([5, 2.5, 0]);
		expect(list).to.deep.equal([9, 1, 5]);
	});
	it('keeps a calendar: leap days, month ends, whole days', () => {
		expect(addMonths('2028-01-31', 1)).to.equal('2028-02-29');
		expect(addMonths('2027-11-30', 3)).to.equal('2028-02-29');
		expect(addMonths('2027-03-31', -1)).to.equal('2027-02-28');
		expect(dayNumber('2028-03-01') - dayNumber('2028-02-28')).to.equal(2);
	});
	it('folds any angle into one turn', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -1e5, max: 1e5, noNaN: true }),
				fc.integer({ min: -20, max: 20 }),
				(angle, turns) => {
					const folded = fold360(angle);
					expect(folded).to.be.at.least(0).and.below(360);
					const apart = Math.abs(fold360(angle + 360 * turns) - folded);
					expect(Math.min(apart, 360 - apart)).to.be.below(1e-6);
				}
			)
		));
	it('finds the line it was given, and says when points do not fix one', () => {
		const { solution, condition } = leastSquares(
			[
				[1, 0],
				[1, 1],
				[1, 2],
				[1, 5]
			],
			[3, 5, 7, 13]
		);
		expect(solution[0]).to.be.closeTo(3, 1e-9);
		expect(solution[1]).to.be.closeTo(2, 1e-9);
		expect(condition).to.be.below(10);
		expect(
			leastSquares(
				[
					[1, 4],
					[1, 4],
					[1, 4]
				],
				[1, 2, 3]
			).condition
		).to.be.above(1e12);
	});
	it('puts a tone into its own bin, with the power it has', () => {
		const tone = Float64Array.from({ length: 256 }, (_, i) => Math.sin((2 * Math.PI * 20 * i) / 256));
		const power = powerSpectrum(tone, 256);
		expect(power.indexOf(Math.max(...power))).to.equal(20);
		expect(power[20]).to.be.closeTo(128 ** 2, 1e-6);
		expect(power[45]).to.be.below(1e-12);
		expect([powerOfTwo(256), powerOfTwo(257), powerOfTwo(1)]).to.deep.equal([256, 512, 2]);
	});
	it('sees the same size all along a steady tone', () => {
		const tone = Float64Array.from({ length: 512 }, (_, i) => 0.5 * Math.sin((2 * Math.PI * 40 * i) / 512));
		const spectrum = positiveSpectrum(tone, 512).map((v) => 2 * v);
		for (const e of envelopeEnergy(spectrum, 512)) expect(e).to.be.closeTo(0.25, 1e-9);
	});
});
