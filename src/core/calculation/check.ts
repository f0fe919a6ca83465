import type { Field, Values } from './fields.js';
import { InputFault } from './fault.js';
import { faultOf } from './fault-words.js';
import { lettersIn } from './reason.js';

const MAX_TEXT = 200;

/** True for a real calendar date written yyyy-mm-dd. */
export function isCalendarDate(text: string): boolean {
	const m = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
	if (!m) return false;
	const [y, mo, d] = [Number(m[1]), Number(m[2]), Number(m[3])];
	const date = new Date(Date.UTC(2000, mo - 1, d));
	date.setUTCFullYear(y, mo - 1, d);
	return date.getUTCFullYear() === y && date.getUTCMonth() === mo - 1 && date.getUTCDate() === d;
}

function checkNumber(field: Field & { kind: 'number' | 'integer' }, path: string, value: unknown): number {
	if (typeof value !== 'number' || !Number.isFinite(value)) throw faultOf(field, path, 'not-a-number', value);
	if (field.kind === 'integer' && !Number.isInteger(value))
		throw faultOf(field, path, 'not-an-integer', value);
	if (field.min !== undefined && (field.minOpen ? value <= field.min : value < field.min))
		throw faultOf(field, path, 'below-minimum', value);
	if (field.max !== undefined && (field.maxOpen ? value >= field.max : value > field.max))
		throw faultOf(field, path, 'above-maximum', value);
	return value;
}

function checkText(field: Field & { kind: 'text' }, path: string, value: unknown): string {
	if (typeof value !== 'string') throw faultOf(field, path, 'not-text', value);
	if (field.required && value.trim() === '') throw faultOf(field, path, 'missing', value);
	if (value.length < (field.minLength ?? 0)) throw faultOf(field, path, 'below-minimum', value);
	if (lettersIn(value) < (field.minLetters ?? 0)) throw faultOf(field, path, 'below-minimum', value);
	if (value.length > (field.maxLength ?? MAX_TEXT)) throw faultOf(field, path, 'above-maximum', value);
	if (field.pattern && !new RegExp(field.pattern).test(value))
		throw faultOf(field, path, 'not-allowed', value);
	return value;
}

/** Checks one value against its field and returns it with defaults filled in; throws the first fault. */
export function checkField(field: Field, path: string, value: unknown): unknown {
	if (value === undefined || value === null) {
		if (field.required) throw faultOf(field, path, 'missing', value);
		if (field.default === undefined) return null;
		if (field.kind === 'object' || field.kind === 'list')
			return checkField({ ...field, required: true }, path, field.default);
		return field.default;
	}
	switch (field.kind) {
		case 'number':
		case 'integer':
			return checkNumber(field, path, value);
		case 'boolean':
			if (typeof value !== 'boolean') throw faultOf(field, path, 'not-a-boolean', value);
			return value;
		case 'text':
			return checkText(field, path, value);
		case 'date':
			if (typeof value !== 'string' || !isCalendarDate(value))
				throw faultOf(field, path, 'not-a-date', value);
			return value;
		case 'choice':
			if (field.numeric && typeof value === 'number' && field.choices.includes(String(value)))
				return String(value);
			if (typeof value !== 'string' || !field.choices.includes(value))
				throw faultOf(field, path, 'unknown-choice', value);
			return value;
		case 'list':
			if (!Array.isArray(value)) throw faultOf(field, path, 'not-a-list', value);
			if (value.length < (field.minItems ?? 0)) throw faultOf(field, path, 'too-few', value);
			if (value.length > (field.maxItems ?? Infinity)) throw faultOf(field, path, 'too-many', value);
			return value.map((entry, i) => checkEntry(field.item, `${path}.${i}`, entry));
		case 'object':
			if (typeof value !== 'object' || Array.isArray(value))
				throw faultOf(field, path, 'not-an-object', value);
			return checkInput(field.fields, value, `${path}.`);
	}
}

/** One entry of a list: a group or a list that is not there is no entry. */
function checkEntry(item: Field, path: string, entry: unknown): unknown {
	const parts = item.kind === 'object' || item.kind === 'list';
	return checkField(parts ? { ...item, required: true } : item, path, entry);
}

/** A comparison of fields that has to be made before the fields that follow are looked at. */
export interface Between {
	after: string;
	test: (soFar: Record<string, unknown>) => void;
}

/**
 * Checks a whole input in the order of its field list. Unknown extra properties are ignored, the input is never changed.
 * @throws InputFault for the first field that is wrong.
 */
export function checkInput<const L extends readonly Field[]>(
	fields: L,
	input: unknown,
	prefix = '',
	between?: Between
): Values<L> {
	if (typeof input !== 'object' || input === null || Array.isArray(input))
		throw new InputFault(
			prefix.slice(0, -1) || 'input',
			'not-an-object',
			'The input must be one group of named values.'
		);
	const checked: Record<string, unknown> = {};
	const given = input as Record<string, unknown>;
	for (const field of fields) {
		checked[field.name] = checkField(
			field,
			prefix + field.name,
			Object.hasOwn(given, field.name) ? given[field.name] : undefined
		);
		if (between?.after === field.name) between.test(checked);
	}
	return checked as Values<L>;
}
