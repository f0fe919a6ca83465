import { expect } from 'chai';
import { checkInput, isCalendarDate } from '../../../src/core/calculation/check.js';
import { InputFault } from '../../../src/core/calculation/fault.js';
import type { Field } from '../../../src/core/calculation/fields.js';

const check = (field: Field, value: unknown) => checkInput([field], { [field.name]: value })[field.name];
/** Field and code of the fault, or null when the value is taken. */
const fault = (field: Field, value: unknown): string | null => {
	try {
		check(field, value);
		return null;
	} catch (e) {
		if (!(e instanceof InputFault)) throw e;
		return `${e.field} ${e.code}`;
	}
};
const about = 'Test';
const number = (more: object = {}): Field => ({ name: 'x', kind: 'number', about, ...more }) as Field;
const text = (more: object = {}): Field => ({ name: 't', kind: 'text', about, ...more }) as Field;
const numbers = (more: object = {}): Field =>
	({ name: 'l', kind: 'list', about, item: number({ name: 'n', min: 0, required: true }), ...more }) as Field;

describe('the check of an input: numbers', () => {
	it('a closed range takes its ends, an open one does not', () => {
		const closed = number({ min: 0, max: 10 });
		expect([0, 10].map((v) => fault(closed, v))).to.deep.equal([null, null]);
		expect(fault(closed, -1e-9)).to.equal('x below-minimum');
		expect(fault(closed, 10.000001)).to.equal('x above-maximum');
		const open = number({ min: 0, max: 10, minOpen: true, maxOpen: true });
		expect([1e-9, 9.999999].map((v) => fault(open, v))).to.deep.equal([null, null]);
		expect(fault(open, 0)).to.equal('x below-minimum');
		expect(fault(open, 10)).to.equal('x above-maximum');
	});
	it('no range, no limit', () =>
		expect([-1e300, 1e300].map((v) => fault(number(), v))).to.deep.equal([null, null]));
	it('what is not a number is not taken for one', () => {
		for (const v of ['3', true, [], {}, Number.NaN, Infinity, -Infinity])
			expect(fault(number(), v)).to.equal('x not-a-number');
	});
	it('a whole number has no fraction', () => {
		const whole = number({ kind: 'integer', min: 1, max: 3 });
		expect([1, 2, 3].map((v) => fault(whole, v))).to.deep.equal([null, null, null]);
		expect(fault(whole, 1.5)).to.equal('x not-an-integer');
		expect(fault(whole, 0)).to.equal('x below-minimum');
		expect(fault(whole, 4)).to.equal('x above-maximum');
	});
});

describe('the check of an input: everything else', () => {
	it('text by its length and its pattern', () => {
		const code = text({ minLength: 2, maxLength: 4, pattern: '^[a-z]+$' });
		expect(['ab', 'abcd'].map((v) => fault(code, v))).to.deep.equal([null, null]);
		expect(fault(code, 'a')).to.equal('t below-minimum');
		expect(fault(code, 'abcde')).to.equal('t above-maximum');
		expect(fault(code, 'AB')).to.equal('t not-allowed');
		expect(fault(code, 12)).to.equal('t not-text');
		const why = text({ minLetters: 4 });
		expect(['a b c d', 'out!'].map((v) => fault(why, v))).to.deep.equal([null, 't below-minimum']);
		expect(fault(text(), 'x'.repeat(200))).to.equal(null);
		expect(fault(text(), 'x'.repeat(201))).to.equal('t above-maximum');
		expect(fault(text(), '   '), 'blanks are text').to.equal(null);
		expect(fault(text({ required: true }), '   '), 'blanks answer nothing').to.equal('t missing');
		expect(check(text({ required: true }), ' a '), 'and words stay as they were typed').to.equal(' a ');
	});
	it('yes and no are true and false, nothing like them', () => {
		const yes: Field = { name: 'y', kind: 'boolean', about };
		expect([true, false].map((v) => fault(yes, v))).to.deep.equal([null, null]);
		for (const v of ['true', 1, 0, 'yes', []]) expect(fault(yes, v)).to.equal('y not-a-boolean');
	});
	it('a choice by its name; a number for one only where the field says so', () => {
		const grade = { name: 'c', kind: 'choice', about, choices: ['8', '12'] } as Field;
		expect(check(grade, '8')).to.equal('8');
		expect(fault(grade, 8)).to.equal('c unknown-choice');
		expect(check({ ...grade, numeric: true } as Field, 12)).to.equal('12');
		expect(fault({ ...grade, numeric: true } as Field, 13)).to.equal('c unknown-choice');
		for (const v of ['7', '', null, ['8']])
			expect(fault({ ...grade, required: true } as Field, v)).to.match(/^c /);
	});
	it('a date is a day of the calendar', () => {
		for (const d of ['2024-02-29', '2000-02-29', '2026-12-31', '0099-01-01'])
			expect(isCalendarDate(d), d).to.equal(true);
		for (const d of [
			'2026-02-29',
			'1900-02-29',
			'2026-13-01',
			'2026-00-10',
			'2026-04-31',
			'2026-1-1',
			'2026-01-01T00:00',
			''
		])
			expect(isCalendarDate(d), d).to.equal(false);
		expect(check({ name: 'd', kind: 'date', about }, '2026-04-30')).to.equal('2026-04-30');
		expect(fault({ name: 'd', kind: 'date', about }, '2026-04-31')).to.equal('d not-a-date');
		expect(fault({ name: 'd', kind: 'date', about }, 20260430)).to.equal('d not-a-date');
	});
	it('a list by how many, and each entry by its place', () => {
		const some = numbers({ minItems: 1, maxItems: 3 });
		expect([[1], [1, 2, 3]].map((v) => fault(some, v))).to.deep.equal([null, null]);
		expect(fault(some, [])).to.equal('l too-few');
		expect(fault(some, [1, 2, 3, 4])).to.equal('l too-many');
		expect(fault(some, [1, -1])).to.equal('l.1 below-minimum');
		expect(fault(some, [1, null])).to.equal('l.1 missing');
		expect(fault(some, { 0: 1, length: 1 })).to.equal('l not-a-list');
	});
	it('a group by its own fields, named with a dot', () => {
		const group = { name: 'g', kind: 'object', about, fields: [number({ required: true })] } as Field;
		expect(fault(group, { x: 1 })).to.equal(null);
		expect(fault(group, {})).to.equal('g.x missing');
		expect(fault({ ...group, fields: [{ ...group, name: 'h' }] } as Field, { h: { x: 'no' } })).to.equal(
			'g.h.x not-a-number'
		);
		for (const v of [3, true]) expect(fault(group, v)).to.equal('g not-an-object');
		expect(fault(group, [1])).to.equal('g not-an-object');
		expect(fault(group, 'x')).to.equal('g not-an-object');
	});
});

describe('the check of an input: what is not given', () => {
	it('is a fault where it is required, else the default, else nothing', () => {
		for (const nothing of [null, undefined]) {
			expect(fault(number({ required: true }), nothing)).to.equal('x missing');
			expect(check(number({ default: 7 }), nothing)).to.equal(7);
			expect(check(number(), nothing)).to.equal(null);
			expect(check(numbers({ default: [1, 2] }), nothing)).to.deep.equal([1, 2]);
			expect(check(numbers(), nothing)).to.equal(null);
		}
	});
	it('a default of a group is filled in as if somebody had typed it', () => {
		const group = {
			name: 'g',
			kind: 'object',
			about,
			default: {},
			fields: [number({ default: 3 })]
		} as Field;
		expect(check(group, undefined)).to.deep.equal({ x: 3 });
	});
	it('is no fault because a prototype has it', () => {
		const input = Object.create({ x: 5 }) as object;
		expect(checkInput([number()], input)).to.deep.equal({ x: null });
	});
	it('what nobody asked for is left out, and the input stays as it is', () => {
		const input = { x: 1, other: { deep: true } };
		expect(checkInput([number()], input)).to.deep.equal({ x: 1 });
		expect(input).to.deep.equal({ x: 1, other: { deep: true } });
	});
	it('an input that is no group is refused as a whole', () => {
		for (const input of [null, undefined, 3, 'x', [1]])
			expect(() => checkInput([number()], input), String(input)).to.throw(
				InputFault,
				/one group of named values/
			);
	});
	it('the first fault in the order of the fields is the one told; a comparison between fields comes in its place', () => {
		const fields = [
			number({ name: 'a', max: 1 }),
			number({ name: 'b', max: 1 }),
			number({ name: 'c', max: 1 })
		];
		const between = {
			after: 'b',
			test: (v: Record<string, unknown>) => {
				if (v.a === v.b) throw new InputFault('b', 'inconsistent', 'a and b are the same.');
			}
		};
		const first = (input: object) => {
			try {
				checkInput(fields, input, '', between);
				return null;
			} catch (e) {
				return (e as InputFault).field;
			}
		};
		expect(first({ a: 2, b: 2, c: 2 })).to.equal('a');
		expect(first({ a: 0, b: 2, c: 2 })).to.equal('b');
		expect(first({ a: 1, b: 1, c: 2 }), 'before c is looked at').to.equal('b');
		expect(first({ a: 0, b: 1, c: 2 })).to.equal('c');
		expect(first({ a: 0, b: 1, c: 1 })).to.equal(null);
	});
});
