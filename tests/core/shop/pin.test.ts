import { expect } from 'chai';
import fc from 'fast-check';
import { pinFault } from '../../../src/core/shop/pin.js';

describe('shop: PIN', () => {
	for (const pin of ['730156', '471128', '80241695', '190734562'])
		it(`takes ${pin}`, () => expect(pinFault(pin)).to.equal(null));
	for (const [pin, says] of [
		['47112', /six|6 digits or more/],
		['4711281234567', /12 digits at most/],
		['47112a', /digits only/],
		['', /6 digits or more/],
		['000000', /tried first/],
		['123456', /tried first/],
		['987654321', /tried first/],
		['890123', /tried first/],
		['135791', /tried first/],
		['121212', /tried first/],
		['471471', /tried first/],
		['112233', /tried first/],
		['24121978', /tried first/],
		['19781224', /tried first/],
		['12241978', /tried first/]
	] as const)
		it(`refuses ${pin || 'nothing'}`, () => expect(pinFault(pin)).to.match(says));
	it('refuses every run and every repetition, and few others', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 9 }), (from, step) => {
				const run = Array.from({ length: 6 }, (_, i) => (from + i * step) % 10).join('');
				expect(pinFault(run)).to.match(/tried first/);
			})
		));
	it('leaves nearly all PINs to choose from', () => {
		let refused = 0;
		for (let n = 0; n < 1_000_000; n += 7) if (pinFault(String(n).padStart(6, '0'))) refused++;
		expect(refused / (1_000_000 / 7)).to.be.below(0.01);
	});
});
