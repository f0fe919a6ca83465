import { expect } from 'chai';
import fc from 'fast-check';
import { boreFits, mostPlayMm, sizesDiffer } from '../../../src/core/mount/bore-rule.js';
import { fitCheck } from '../../../src/core/mount/fit-check.js';

const SEATS = [20, 25, 31.75, 32, 50, 50.8, 76.2, 127, 203.2, 304.8];
const seat = fc.constantFrom(...SEATS);

describe('which bore belongs on which seat', () => {
	it('its own size with play, and no other size though it would slide on', () => {
		for (const s of SEATS) expect(boreFits(s, s), `${s}`).to.equal(true);
		for (const [bore, on] of [
			[32, 31.75],
			[51, 50.8],
			[25.4, 25],
			[305, 304.8]
		] as const)
			expect(boreFits(bore, on), `${bore} on ${on}`).to.equal(false);
		expect(boreFits(76.19, 76.2)).to.equal(false);
		expect(boreFits(76.51, 76.2)).to.equal(false);
	});
	it('a size in no list tells nothing', () => expect(sizesDiffer(47, 46.9)).to.equal(false));
	it('nothing that is offered by it is refused at the machine for its size', () =>
		fc.assert(
			fc.property(seat, fc.double({ min: -0.1, max: 0.6, noNaN: true }), (s, play) => {
				const refused = fitCheck
					.run({ boreMm: s + play, arborMm: s })
					.reasons.some((r) => r.code === 'nominal-mismatch');
				return !(boreFits(s + play, s) && refused);
			})
		));
	it('the most play is where the rule ends', () =>
		fc.assert(
			fc.property(seat, fc.double({ min: 0, max: 1, noNaN: true }), (s, share) => {
				const most = mostPlayMm(s);
				return boreFits(s + share * most, s) && !boreFits(s + most + 0.002, s);
			})
		));
});
