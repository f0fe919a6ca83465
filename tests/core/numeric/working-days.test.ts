import { expect } from 'chai';
import fc from 'fast-check';
import { dateOf, dayNumber, monthsBetween, workingDaysFrom } from '../../../src/core/numeric/calendar.js';

const WEEK = { workdays: [1, 2, 3, 4, 5], closedDates: ['2026-12-25'] };
describe('working days', () => {
	it('leave a closed day in the direction they go, then count open ones', () => {
		for (const [from, n, to] of [
			['2026-12-24', 1, '2026-12-28'],
			['2026-12-26', 0, '2026-12-28'],
			['2026-12-26', -0, '2026-12-24'],
			['2026-12-28', -1, '2026-12-24'],
			['2026-12-26', 1, '2026-12-29'],
			['2026-12-26', -1, '2026-12-23']
		] as const)
			expect(workingDaysFrom(from, n, WEEK), `${from} ${n}`).to.equal(to);
	});
	it('there and back again is where it began, on an open day', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 40000 }), fc.integer({ min: 0, max: 400 }), (day, n) => {
				const start = workingDaysFrom(dateOf(day), 0, WEEK);
				expect(workingDaysFrom(workingDaysFrom(start, n, WEEK), -n, WEEK)).to.equal(start);
				expect(dateOf(dayNumber(start))).to.equal(start);
			})
		));
	it('months are whole', () => {
		expect(monthsBetween('2026-01-31', '2026-02-28')).to.equal(1);
		expect(monthsBetween('2026-01-31', '2026-02-27')).to.equal(0);
	});
});
