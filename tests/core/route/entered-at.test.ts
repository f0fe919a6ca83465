import { expect } from 'chai';
import { enteredCanBe } from '../../../src/core/route/entered-at.js';

describe('the time a browser tells', () => {
	const [begun, taken] = [Date.UTC(2026, 0, 5, 8), Date.UTC(2026, 0, 5, 16)];
	it('lies between the begin of the setup and its arrival, a minute more or less', () => {
		for (const at of [begun, begun - 59_000, taken, taken + 59_000, begun + 1])
			expect(enteredCanBe(at, begun, taken)).to.equal(true);
		for (const at of [begun - 61_000, taken + 61_000, 0, Date.UTC(2031, 1, 3)])
			expect(enteredCanBe(at, begun, taken)).to.equal(false);
	});
	it('without a setup only the arrival bounds it', () => {
		expect(enteredCanBe(0, null, taken)).to.equal(true);
		expect(enteredCanBe(taken + 61_000, null, taken)).to.equal(false);
	});
});
