import { expect } from 'chai';
import fc from 'fast-check';
import type { Unit } from '../../../src/core/calculation/fields.js';
import {
	clockPosition,
	duration,
	figure,
	otherSystem,
	quantity,
	typedFigure
} from '../../../src/core/quantity/format.js';
import { type System, parseQuantity } from '../../../src/core/quantity/parse.js';

const value = (text: string, unit?: Unit, system?: System) => {
	const p = parseQuantity(text, unit, system);
	if (!('value' in p)) throw new Error(JSON.stringify(p));
	return p.value;
};

describe('quantity: what people type', () => {
	const cases: [string, Unit, number][] = [
		['25', 'um', 25],
		['25 um', 'um', 25],
		['25 µm', 'um', 25],
		['0.001"', 'um', 25.4],
		['1 thou', 'um', 25.4],
		['4 tenths', 'um', 10.16],
		['1-1/4 in', 'mm', 31.75],
		['1 1/4"', 'mm', 31.75],
		['1/8 in', 'mm', 3.175],
		['2300 rpm', 'rpm', 2300],
		['2,300 rpm', 'rpm', 2300],
		['36 m/s', 'm/s', 36],
		['6500 sfm', 'm/s', 33.02],
		['12,5', 'mm', 12.5],
		['.5 mm', 'um', 500],
		['-0.3', 'mm', -0.3],
		['2 min', 's', 120],
		['5 lb', 'kg', 2.26796185],
		['197°', 'deg', 197],
		['42 g·mm', 'gmm', 42],
		['1e2', 'mm', 100]
	];
	for (const [text, unit, wanted] of cases)
		it(`${text} as ${unit}`, () => expect(value(text, unit)).to.be.closeTo(wanted, Math.abs(wanted) * 1e-9));
	it('a bare number is in the unit shown', () => {
		expect(value('1', 'mm', 'inch')).to.equal(25.4);
		expect(value('1', 'um', 'inch')).to.be.closeTo(25.4, 1e-9);
		expect(value('25', 'um', 'inch')).to.be.closeTo(635, 1e-9);
		expect(value('5', 'deg', 'inch')).to.equal(5);
	});
	it('does not guess what a single comma means', () =>
		expect(parseQuantity('2,300', 'mm')).to.deep.equal({
			problem: '"2,300" can be read two ways. Write 2300 or 2.300.'
		}));
	it('says what is wrong', () => {
		for (const text of ['abc', '12 parsec', '12 rpm', '--3', '1/0', '9'.repeat(400), '<b>3</b>', '1e999'])
			expect(parseQuantity(text, 'mm'), text).to.have.property('problem');
		expect(parseQuantity('  ', 'mm')).to.deep.equal({ empty: true });
	});
	it('never throws and never gives a number that is not finite', () =>
		fc.assert(
			fc.property(fc.string(), (text) => {
				const p = parseQuantity(text, 'mm');
				if ('value' in p) expect(Number.isFinite(p.value)).to.equal(true);
			})
		));
	it('prints what it can read back', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.01, max: 2000, noNaN: true }),
				fc.constantFrom<System>('mm', 'inch'),
				fc.constantFrom<Unit>('mm', 'um', 'm/s', 'kg', 'gmm'),
				(v, system, unit) => {
					const back = value(typedFigure(v, unit, system), unit, system);
					expect(Math.abs(back - v)).to.be.at.most(
						Math.max(v * 0.01, unit === 'gmm' ? 1 : unit === 'um' ? 0.3 : 0.06)
					);
				}
			)
		));
});

describe('quantity: how it is shown', () => {
	it('figure, unit and the other system', () => {
		expect(quantity(37.14, 'm/s')).to.equal('37.1 m/s');
		expect(quantity(20, 'um')).to.equal('20 µm');
		expect(otherSystem(20, 'um', 'mm')).to.equal('0.79 thou');
		expect(otherSystem(298.6, 'mm', 'inch')).to.equal('298.6 mm');
		expect(otherSystem(5, 'rpm', 'mm')).to.equal('');
		expect(quantity(null, 'mm')).to.equal('-');
	});
	it('a length in inches is read to two figures below a tenth, and kept as it is in a field', () => {
		expect(quantity(1.8, 'um', 'inch')).to.equal('0.071 thou');
		expect(quantity(20, 'um', 'inch')).to.equal('0.79 thou');
		expect(quantity(0.02, 'um', 'inch')).to.equal('0.00079 thou');
		expect(quantity(298.6, 'mm', 'inch')).to.equal('11.7559 in');
		expect(figure(1.8, 'um', 'inch')).to.equal('0.0709');
	});
	it('clock positions and durations', () => {
		expect(clockPosition(197)).to.equal('6:34');
		expect(clockPosition(0)).to.equal('12:00');
		expect(duration(260)).to.equal('4 min 20 s');
		expect(duration(0)).to.equal('0 s');
	});
});

describe('quantity: a slip of a thousand is asked back', () => {
	it('names both ways it may be meant, and takes either as it is written', () => {
		const p = parseQuantity('.0035', 'um', 'inch');
		expect(p).to.deep.equal({
			problem: '0.0035 in (3.5 thou) or 0.0035 thou? Say which.',
			meant: [
				{ text: '0.0035 in', says: '0.0035 in (3.5 thou)' },
				{ text: '0.0035 thou', says: '0.0035 thou' }
			]
		});
		expect(value('0.0035 in', 'um', 'inch')).to.be.closeTo(88.9, 1e-9);
		expect(value('0.0035 thou', 'um', 'inch')).to.be.closeTo(0.0889, 1e-9);
		expect(parseQuantity('0.025', 'um')).to.have.property('meant');
	});
	it('not where it can be read off a dial, nor for nothing, nor for what is no dial', () => {
		for (const text of ['0', '0.02', '3.5', '-0.5']) expect(value(text, 'um', 'inch')).to.be.a('number');
		for (const text of ['0', '0.1', '12']) expect(value(text, 'um')).to.be.a('number');
		expect(value('0.0035', 'mm', 'inch')).to.be.closeTo(0.0889, 1e-9);
		expect(value('0.01', 'um-Ra')).to.equal(0.01);
	});
	it('what fills a field is never asked back', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -2000, max: 2000, noNaN: true }),
				fc.constantFrom<System>('mm', 'inch'),
				(um, system) => {
					const p = parseQuantity(typedFigure(um, 'um', system), 'um', system);
					expect(p).to.have.property('value');
				}
			)
		));
});
