import { expect } from 'chai';
import fc from 'fast-check';
import {
	type Sized,
	type Stamp,
	changeoversS,
	cyclesS,
	learnt,
	redressesS,
	wornUmPerMm
} from '../../../src/core/shop/ours.js';

const at = (minutes: number, step: string, more: Partial<Stamp> = {}): Stamp => ({
	setupId: 1,
	step,
	atMs: 60_000 * minutes,
	...more
});
const ground = (minutes: number, parts: number, more: Partial<Stamp> = {}) =>
	at(minutes, 'entry', { what: 'ground-on', parts, ...more });
const redress = (minutes: number) => at(minutes, 'entry', { what: 'redressed', parts: 0 });

const sized = (more: Partial<Sized>): Sized => ({
	setupId: 1,
	what: 'ground-on',
	parts: 0,
	inPartMm: null,
	diameterMm: null,
	takenUm: null,
	partMm: 2,
	...more
});

const about = (um: number) => (found: number[]) => found.length === 1 && Math.abs(found[0]! - um) < 1e-6;

describe('what the shop learns from its own records', () => {
	it('is the middle with its range, and enough from five on', () => {
		expect(learnt([])).to.equal(null);
		expect(learnt([9, 1, 4, 2])).to.deep.equal({
			median: 3,
			low: 1,
			high: 9,
			count: 4,
			needed: 5,
			enough: false
		});
		expect(learnt([9, 1, 4, 2, 3])!.enough).to.equal(true);
	});
	it('a part takes from one booking to the next, shared by the parts between', () =>
		expect(cyclesS([ground(0, 1), ground(10, 1), redress(15), ground(27, 2)])).to.deep.equal([600, 360]));
	it('what lies over a night, of another setup, or is booked without parts says nothing', () => {
		expect(cyclesS([ground(0, 1), ground(241, 1)])).to.deep.equal([]);
		expect(cyclesS([ground(0, 1), ground(240, 1)])).to.deep.equal([14400]);
		expect(cyclesS([ground(0, 1), ground(10, 1, { setupId: 2 })])).to.deep.equal([]);
		expect(cyclesS([ground(0, 1), ground(10, 0)])).to.deep.equal([]);
	});
	it('a dress takes from its settings to the dressed wheel', () =>
		expect(
			redressesS([at(0, 'settings'), at(4, 'settings'), at(10, 'done'), at(12, 'done'), at(20, 'settings')])
		).to.deep.equal([360]));
	it('changing over takes from the wheel taken off to the next one released, whatever setup that is', () =>
		expect(
			changeoversS([
				at(0, 'release'),
				at(5, 'entry', { what: 'taken-off' }),
				at(65, 'release', { setupId: 2 }),
				at(70, 'release', { setupId: 3 }),
				at(80, 'entry', { what: 'worn-out', setupId: 3 }),
				at(125, 'release', { setupId: 4 })
			])
		).to.deep.equal([3600, 2700]));
	it('a wheel wears by its diameters, without what the redresses between took', () =>
		// 400 to 399.8 is 100 off the radius, 40 of it dressed away; three parts of 2 mm were ground.
		expect(
			wornUmPerMm([
				sized({ diameterMm: 400 }),
				sized({ parts: 2 }),
				sized({ what: 'redressed', takenUm: 40 }),
				sized({ parts: 1, diameterMm: 399.8 })
			])
		).to.satisfy(about(10)));
	it('begun parts count as far as they are ground', () =>
		expect(
			wornUmPerMm([
				sized({ diameterMm: 400, inPartMm: 0.5 }),
				sized({ inPartMm: 1.5 }),
				sized({ parts: 1, inPartMm: 0.5, diameterMm: 399.98 })
			])
		).to.satisfy(about(5)));
	it('says nothing where a redress took nobody knows how much, or nothing was ground, or another setup was booked', () => {
		const from = sized({ diameterMm: 400 });
		expect(wornUmPerMm([from, sized({ what: 'redressed' }), sized({ parts: 1, diameterMm: 399 })])).to.be
			.empty;
		expect(wornUmPerMm([from, sized({ diameterMm: 399 })])).to.be.empty;
		expect(wornUmPerMm([from, sized({ setupId: 2, parts: 1, diameterMm: 399 })])).to.be.empty;
		expect(wornUmPerMm([from, sized({ partMm: null, parts: 1, diameterMm: 399 })])).to.be.empty;
	});
	it('the middle lies in the range, whatever was measured', () =>
		fc.assert(
			fc.property(fc.array(fc.double({ min: 0, max: 1e6, noNaN: true }), { minLength: 1 }), (list) => {
				const o = learnt(list)!;
				return o.low <= o.median && o.median <= o.high && o.count === list.length;
			})
		));
});
