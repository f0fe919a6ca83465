import { expect } from 'chai';
import { attempt, tryOrNull } from '../../../src/core/calculation/attempt.js';
import { completed } from '../../../src/core/calculation/complete.js';
import { defineCalculation } from '../../../src/core/calculation/define.js';
import { InputFault, shown, tidied } from '../../../src/core/calculation/fault.js';
import { faultOf } from '../../../src/core/calculation/fault-words.js';
import { from0, mm, number, over0 } from '../../../src/core/calculation/field/index.js';
import type { Field } from '../../../src/core/calculation/fields.js';

const half = defineCalculation({
	id: 'test.half',
	title: 'Half',
	about: 'Half of it.',
	source: 'Arithmetic.',
	formulas: ['half = whole/2'],
	fields: [
		mm('wholeMm', 'Measured', { ...over0(100), required: true, label: 'Whole' }),
		number('parts', 'Two as a rule', { ...from0(10), default: 2, guideline: true, label: 'Parts' })
	],
	outputs: [{ name: 'partMm', unit: 'mm', about: 'One part', main: true }],
	example: { wholeMm: 10 },
	compute: (v) => ({ partMm: v.wholeMm / v.parts, list: [{ deep: v.wholeMm / v.parts }] })
});

describe('a fault in words', () => {
	const words = (field: object, code: string, value: unknown) =>
		faultOf(
			{ name: 'boreMm', kind: 'number', about: 'Measured', label: 'Bore', ...field } as Field,
			'boreMm',
			code,
			value
		).message;
	it('names field, value with its unit, and what to enter', () => {
		const bore = { unit: 'mm', min: 1, max: 9 };
		expect(words(bore, 'missing', null)).to.equal('Bore is missing. Enter it.');
		expect(words(bore, 'below-minimum', 0)).to.equal('Bore: 0 mm is too small. Enter 1 or more mm.');
		expect(words(bore, 'above-maximum', 10)).to.equal('Bore: 10 mm is too large. Enter 9 or less mm.');
		expect(words({ ...bore, minOpen: true }, 'below-minimum', 1)).to.equal(
			'Bore: 1 mm is too small. Enter more than 1 mm.'
		);
		expect(words({ ...bore, maxOpen: true }, 'above-maximum', 9)).to.equal(
			'Bore: 9 mm is too large. Enter less than 9 mm.'
		);
		expect(words({ min: 0 }, 'below-minimum', -1)).to.equal('Bore: -1 is too small. Enter 0 or more.');
		expect(words({}, 'not-a-number', 'abc')).to.equal('Bore: "abc" is not a number. Enter a number.');
	});
	it('says of text, lists and choices what is asked of them', () => {
		expect(words({ kind: 'text', minLength: 3 }, 'below-minimum', 'a')).to.match(
			/too short. Enter at least 3 characters/
		);
		expect(words({ kind: 'text' }, 'below-minimum', '')).to.match(/at least 1 characters/);
		expect(words({ kind: 'text', maxLength: 5 }, 'above-maximum', 'abcdef')).to.match(
			/too long. Keep it to 5 /
		);
		expect(words({ kind: 'text' }, 'above-maximum', 'x')).to.match(/Keep it to 200 /);
		expect(words({ kind: 'choice', choices: ['a', 'b'] }, 'unknown-choice', 'c')).to.equal(
			'Bore: "c" is not one of a, b.'
		);
		expect(words({ kind: 'list', minItems: 2 }, 'too-few', [1])).to.equal(
			'Bore: at least 2 needed, 1 given.'
		);
		expect(words({ kind: 'list', maxItems: 2 }, 'too-many', [1, 2, 3])).to.equal(
			'Bore: at most 2 allowed, 3 given.'
		);
		expect(words({ patternSays: 'has no digits' }, 'not-allowed', '1')).to.equal('Bore: "1" has no digits.');
		expect(words({}, 'not-allowed', '1')).to.match(/expected way/);
		expect(words({}, 'inconsistent', 1)).to.equal('Bore: 1 is not accepted. Enter another value.');
	});
	it('shows a value short, and a number without the tail of its conversion', () => {
		expect(shown('x'.repeat(38))).to.have.length(40);
		expect(shown('x'.repeat(39)))
			.to.have.length(40)
			.and.match(/\.\.\.$/);
		expect([shown(3), shown(null), shown(undefined), shown({ a: 1 })]).to.deep.equal([
			'3',
			'null',
			'undefined',
			'{"a":1}'
		]);
		expect(tidied('355.59999999999997 mm')).to.equal('355.6 mm');
		expect(tidied('1.23456 mm'), 'five places are meant').to.equal('1.23456 mm');
		expect(tidied('"355.59999999999997"'), 'what was typed stays').to.equal('"355.59999999999997"');
	});
	it('travels as field, code and message', () =>
		expect(JSON.parse(JSON.stringify(new InputFault('a.b', 'missing', 'It is missing.')))).to.deep.equal({
			field: 'a.b',
			code: 'missing',
			message: 'It is missing.'
		}));
});

describe('a calculation that may not come to anything', () => {
	it('gives its output, or the fault of the input', () => {
		expect(attempt(() => half.run({ wholeMm: 10 })))
			.to.deep.include({ fault: null })
			.and.nested.include({ 'output.partMm': 5 });
		const { output, fault } = attempt(() => half.run({}));
		expect(output).to.equal(null);
		expect(fault).to.include({ field: 'wholeMm', code: 'missing' });
		expect(tryOrNull(() => half.run({ wholeMm: 10 }))?.partMm).to.equal(5);
		expect(tryOrNull(() => half.run({ wholeMm: -10 }))).to.equal(null);
	});
	it('hides no fault of the program', () => {
		const broken = () => {
			throw new TypeError('broken');
		};
		expect(() => attempt(broken)).to.throw(TypeError, 'broken');
		expect(() => tryOrNull(broken)).to.throw(TypeError, 'broken');
	});
	it('a result that is not finite is a fault of what was entered, named by its place', () => {
		const { fault } = attempt(() => half.run({ wholeMm: 10, parts: 0 }));
		expect(fault).to.include({ field: 'partMm', code: 'inconsistent' });
		const deep = defineCalculation({ ...half, compute: () => ({ list: [1, { deep: Number.NaN }] }) });
		expect(attempt(() => deep.run({ wholeMm: 1 })).fault).to.include({ field: 'list.1.deep' });
	});
	it("knows which of its figures are the shop's to set, and computes with the default", () => {
		expect(half.fields.map((f) => ('of' in f ? f.of : undefined))).to.deep.equal([undefined, 'test.half']);
		expect(completed(half.fields, { wholeMm: 4 })).to.deep.equal({ wholeMm: 4, parts: 2 });
		expect(completed(half.fields, { parts: 0 })).to.deep.equal({ wholeMm: null, parts: 0 });
	});
});
