import { expect } from 'chai';
import fc from 'fast-check';
import { oddReading } from '../../../src/core/true/odd-reading.js';

const DEG = Math.PI / 180;
const places = (n: number) => Array.from({ length: n }, (_, k) => (k * 360) / n);
const rim = (n: number, e: number, high: number, lobes: number) =>
	places(n).map((a) => e * Math.cos((a - high) * DEG) + lobes * Math.cos(2 * (a - 20) * DEG));

describe('a reading that stands out', () => {
	it('is found wherever it is, with what the others say', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 8, max: 36 }),
				fc.integer({ min: 0, max: 300 }),
				fc.integer({ min: 0, max: 359 }),
				fc.nat(),
				fc.constantFrom(-1, 1),
				fc.integer({ min: 120, max: 400 }),
				(n, e, high, where, sign, by) => {
					const readings = rim(n, e, high, n >= 12 ? 6 : 0);
					const index = where % n;
					const right = readings[index]!;
					readings[index] = right + sign * by;
					const odd = oddReading(readings, places(n))!;
					expect(odd.index).to.equal(index);
					expect(odd.expectedUm).to.be.closeTo(right, 1e-6 + 1e-6 * Math.abs(right));
				}
			)
		));
	it('is not seen where there is none, off centre, with lobes or rough', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 8, max: 36 }),
				fc.integer({ min: 0, max: 300 }),
				fc.integer({ min: 0, max: 359 }),
				fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 36, maxLength: 36 }),
				(n, e, high, rough) => {
					// As rough as no readings of it together can look like a slip of 8: with few readings lobes are not told apart.
					const told = n >= 12;
					expect(
						oddReading(
							rim(n, e, high, told ? 15 : 2).map((r, i) => r + (told ? 2 : 1) * rough[i]!),
							places(n)
						)
					).to.equal(null);
				}
			)
		));
	it('cannot be told from too few', () => expect(oddReading([0, 0, 0, 300], places(4))).to.equal(null));
});
