import { expect } from 'chai';
import fc from 'fast-check';
import { WHEEL_STATES, type WheelState, movedTo } from '../../../src/core/shop/wheel-state.js';

describe('where a wheel may go', () => {
	const wanted = fc.array(fc.constantFrom(...WHEEL_STATES), { maxLength: 12 });
	const after = (from: WheelState, moves: readonly WheelState[], cleared = false) =>
		moves.reduce((s, to) => movedTo(s, to, cleared), from);

	it('what is scrapped never comes back, whatever is wanted and whoever clears', () =>
		fc.assert(
			fc.property(wanted, fc.boolean(), (moves, cleared) => {
				expect(after('scrapped', moves, cleared)).to.equal('scrapped');
			})
		));
	it('what is set aside stays aside until a lead clears it', () => {
		fc.assert(
			fc.property(wanted, (moves) => {
				expect(after('quarantined', moves)).to.be.oneOf(['quarantined', 'scrapped']);
			})
		);
		expect(movedTo('quarantined', 'available', true)).to.equal('available');
		expect(movedTo('quarantined', 'mounted', true)).to.equal('quarantined');
	});
	it('a wheel in use goes anywhere', () => {
		for (const from of ['available', 'mounted'] as const)
			for (const to of WHEEL_STATES) expect(movedTo(from, to)).to.equal(to);
	});
});
