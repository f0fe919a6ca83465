import { expect } from 'chai';
import { ownTimes, ownWear } from '../../../src/core/shop/begin-with-ours.js';
import { learnt } from '../../../src/core/shop/ours.js';

const five = (v: number) => learnt([v, v, v, v, v]);
const four = (v: number) => learnt([v, v, v, v]);

describe('what a bench begins with where the shop has records of its own', () => {
	it('wear of forms measured here, from five on', () => {
		expect(ownWear({ lossUmPerMm: five(2.3456), wornUmPerMm: null }, 2)).to.include({
			source: 'measured',
			lossUmPerMm: 2.346
		});
		expect(ownWear({ lossUmPerMm: four(2.3), wornUmPerMm: null }, 2).source).to.equal('points');
	});
	it('else that of the whole wheel by its diameters, faster at the corners', () =>
		expect(ownWear({ lossUmPerMm: four(9), wornUmPerMm: five(1.5) }, 2)).to.include({ lossUmPerMm: 3 }));
	it('diameters too coarse to show any wear say nothing', () => {
		for (const none of [0, -0.4, 0.0001])
			expect(ownWear({ lossUmPerMm: null, wornUmPerMm: five(none) }, 2).source).to.equal('points');
		expect(ownWear(null, 2).source).to.equal('points');
	});
	it('parts a day and minutes a redress by the stamps', () => {
		expect(ownTimes({ cycleS: five(600), redressS: five(90) })).to.deep.equal({
			partsPerDay: 48,
			redressTimeMin: 1.5
		});
		expect(ownTimes({ cycleS: four(600), redressS: null })).to.deep.equal({});
		expect(ownTimes({ cycleS: five(100_000), redressS: null }), 'one part at least').to.deep.equal({
			partsPerDay: 1
		});
	});
});
