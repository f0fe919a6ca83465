import { expect } from 'chai';
import fc from 'fast-check';
import type { Field, Unit } from '../../../src/core/calculation/fields.js';
import {
	figure,
	formatNumber,
	otherSystem,
	quantity,
	rangeText,
	symbolOf,
	typedFigure,
	fineQuantity
} from '../../../src/core/quantity/format.js';
import { type System, parseQuantity } from '../../../src/core/quantity/parse.js';

const says = (text: string, unit?: Unit, system?: System) => {
	const p = parseQuantity(text, unit, system);
	return 'value' in p ? p.value : 'problem' in p ? p.problem : '';
};

describe('quantity: figures as they are written', () => {
	it('the usual places, no zeros behind them, more where a value is small', () => {
		const table: [number, number, string][] = [
			[12.345, 2, '12.35'],
			[12.3, 2, '12.3'],
			[12, 2, '12'],
			[100, 0, '100'],
			[0, 2, '0'],
			[-0.0001, 0, '-0.0001'],
			[0.1, 2, '0.1'],
			[0.0123456, 2, '0.0123'],
			[0.1, 1, '0.1'],
			[0.99, 1, '0.99'],
			[1.04, 1, '1'],
			[-12.5, 1, '-12.5']
		];
		for (const [value, decimals, written] of table)
			expect(formatNumber(value, decimals), `${value}`).to.equal(written);
		for (const v of [Number.NaN, Infinity, -Infinity]) expect(formatNumber(v, 2)).to.equal('-');
	});
	it('a field is empty where nothing is known; a sentence has a dash', () => {
		for (const nothing of [null, undefined]) {
			expect(figure(nothing, 'mm')).to.equal('');
			expect(quantity(nothing, 'mm')).to.equal('-');
			expect(otherSystem(nothing, 'mm', 'mm')).to.equal('');
		}
	});
	it('unit behind a space, degrees close up, plain numbers bare', () => {
		expect([
			quantity(3, 'kg'),
			quantity(90, 'deg'),
			quantity(2.5, undefined),
			quantity(40, '%')
		]).to.deep.equal(['3 kg', '90°', '2.5', '40 %']);
		expect([
			symbolOf(undefined),
			symbolOf('um'),
			symbolOf('um', 'inch'),
			symbolOf('deg', 'inch')
		]).to.deep.equal(['', 'µm', 'thou', '°']);
	});
	it('in inches a length is read to a tenth of a thou, other units to their own places', () => {
		expect(quantity(25.4, 'mm', 'inch')).to.equal('1 in');
		expect(quantity(31.7523, 'mm', 'inch')).to.equal('1.2501 in');
		expect(quantity(1.5, 'um', 'inch')).to.equal('0.059 thou');
		expect(figure(1.5, 'um', 'inch')).to.equal('0.0591');
		expect(quantity(2.5, 'kg', 'inch')).to.equal('5.51 lb');
		expect(quantity(3, 'g', 'inch')).to.equal('0.106 oz');
		expect(quantity(90, 'deg', 'inch')).to.equal('90°');
	});
	it('what fills a field keeps the micrometre, and comes back from inches as it was', () => {
		expect([
			typedFigure(88.412, 'mm'),
			typedFigure(299.5, 'mm'),
			typedFigure(76.2, 'mm', 'inch')
		]).to.deep.equal(['88.412', '299.5', '3']);
		fc.assert(
			fc.property(fc.integer({ min: -2_000_000, max: 2_000_000 }), (um) => {
				const there = says(typedFigure(um / 1000, 'mm', 'inch'), 'mm', 'inch') as number;
				expect(there, 'a fifth of a micrometre at most').to.be.closeTo(um / 1000, 0.0002);
				if (Math.abs(um) > 10) expect(typedFigure(there, 'mm')).to.equal(typedFigure(um / 1000, 'mm'));
			})
		);
		for (const [value, unit] of [
			[12, 'um'],
			[1.5, 'm/s'],
			[600, 'mm/min'],
			[3.2, 'kg'],
			[42, 'gmm']
		] as const) {
			const back = says(typedFigure(value, unit, 'inch'), unit, 'inch') as number;
			expect(figure(back, unit), unit).to.equal(figure(value, unit));
		}
		expect(typedFigure(197, 'deg', 'inch')).to.equal('197');
		// Where there is one unit only nothing is rounded away.
		expect([typedFigure(28.5, 'deg'), typedFigure(0.0125, 's'), typedFigure(2299.87, 'rpm')]).to.deep.equal([
			'28.5',
			'0.0125',
			'2299.87'
		]);
	});
	it('finely where a micrometre counts', () => {
		expect([
			fineQuantity(1.005, 'mm'),
			fineQuantity(47.71588, 'mm'),
			fineQuantity(28.5, 'deg')
		]).to.deep.equal(['1.005 mm', '47.7159 mm', '28.5°']);
		expect([fineQuantity(25.4, 'mm', 'inch'), fineQuantity(null, 'mm')]).to.deep.equal(['1 in', '-']);
	});
	it('the other system only where there are two', () => {
		expect(otherSystem(25.4, 'mm', 'mm')).to.equal('1 in');
		expect(otherSystem(25.4, 'mm', 'inch')).to.equal('25.4 mm');
		expect(otherSystem(90, 'deg', 'mm')).to.equal('');
		expect(otherSystem(5, undefined, 'mm')).to.equal('');
	});
	it('the range of a field in the system shown', () => {
		const length = {
			name: 'x',
			kind: 'number',
			about: 'x',
			unit: 'mm',
			min: 0,
			minOpen: true,
			max: 25.4
		} as Field;
		expect(rangeText(length, 'mm')).to.match(/0.*25\.4/);
		expect(rangeText(length, 'inch'))
			.to.match(/0.*\b1\b/)
			.and.not.match(/25\.4/);
		expect(rangeText({ ...length, kind: 'integer', unit: undefined } as Field, 'inch')).to.match(/25\.4/);
		expect(
			rangeText({ name: 'c', kind: 'choice', about: 'x', choices: ['a', 'b'] } as Field, 'inch')
		).to.equal('a, b');
	});
});

describe('quantity: what is typed, at the edges', () => {
	it('fractions of either sign, whole or mixed', () => {
		expect(says('-1-1/4 in', 'mm')).to.be.closeTo(-31.75, 1e-9);
		expect(says('-1/4 in', 'mm')).to.be.closeTo(-6.35, 1e-9);
		expect(says('2 3/8"', 'mm')).to.be.closeTo(60.325, 1e-9);
	});
	it('a comma: thousands where it is certain, a question where it is not', () => {
		expect(says('1,234.5', 'mm')).to.equal(1234.5);
		expect(says('1,234,567', 'mm')).to.equal(1234567);
		expect(says('2,300', 'rpm')).to.equal(2300);
		expect(says('12,50 mm', 'mm')).to.equal(12.5);
		expect(says(' 2,300 mm ', 'mm')).to.equal('"2,300 mm" can be read two ways. Write 2300 mm or 2.300 mm.');
	});
	it('the sign on the screen can be typed back in', () => {
		expect(says('42 g·mm', 'gmm')).to.equal(42);
		expect(says('3 µm/mm', 'um/mm')).to.equal(3);
		expect(says('2 kg·m²', 'kgm2')).to.equal(2);
		expect(says('7 N', 'N')).to.equal(7);
		expect(says('5 HRC', 'HRC')).to.equal(5);
	});
	it('a plain number takes no unit but its own', () => {
		expect(says('5', undefined)).to.equal(5);
		expect(says('5', undefined, 'inch')).to.equal(5);
		expect(says('5 %', undefined)).to.equal(5);
		expect(says('5 mm', undefined)).to.equal('This takes a plain number, not mm.');
		expect(says('5 parsec', undefined)).to.equal('"parsec" is not a unit known here.');
	});
	it('says what to enter, without repeating a long text back', () => {
		expect(says('5 parsec', 'mm')).to.equal('"parsec" is not a unit known here. Enter mm.');
		expect(says('5 kg', 'mm')).to.equal('kg does not fit here. Enter mm.');
		expect(says(`5 ${'x'.repeat(50)}`, 'mm')).to.equal(
			`"${'x'.repeat(20)}" is not a unit known here. Enter mm.`
		);
		expect(says(` ${'a'.repeat(40)} `, 'mm')).to.match(new RegExp(`^"${'a'.repeat(30)}" is not a number`));
		expect(says('5'.padEnd(60, '0'), 'mm')).to.equal(5e59);
		expect(says('5'.padEnd(61, '0'), 'mm')).to.match(/too long/);
	});
	it('force, stress, inertia, removal and shake have their inch counterparts, both ways', () => {
		const table: [number, Unit, string][] = [
			[100, 'N', '22 lbf'],
			[2, 'N', '0.45 lbf'],
			[20, 'MPa', '2901 psi'],
			[0.0421, 'kgm2', '0.999 lb·ft²'],
			[10.7527, 'mm2/s', '1 in³/in·min'],
			[2.54, 'mm/s', '0.1 in/s'],
			[645.16, 'mm2', '1 in²'],
			[16387, 'mm3', '1 in³'],
			[1356, 'J', '1000 ft·lbf']
		];
		for (const [value, unit, written] of table) {
			expect(quantity(value, unit, 'inch')).to.equal(written);
			const back = parseQuantity(written, unit, 'mm');
			expect('value' in back && Math.abs(back.value / value - 1) < 0.03, written).to.equal(true);
		}
		expect(says('150 kg·m²', 'kgm2')).to.equal(150);
		expect(says('3 lbf', 'Nm')).to.equal('lbf does not fit here. Enter Nm.');
	});
});
