import Joi from 'joi';
import { isCalendarDate } from '../../../core/calculation/check.js';
import type { Field, Values } from '../../../core/calculation/fields.js';
import { lettersIn } from '../../../core/calculation/reason.js';
import { InputFault } from '../../../core/calculation/fault.js';
import { faultOf } from '../../../core/calculation/fault-words.js';

const MAX_TEXT = 200;

/** A schema for one field: the same ranges and choices as the core check, from the same list. */
function baseOf(field: Field): Joi.Schema {
	let schema: Joi.Schema;
	switch (field.kind) {
		case 'number':
		case 'integer': {
			let n = Joi.number().unsafe();
			if (field.kind === 'integer') n = n.integer();
			if (field.min !== undefined) n = field.minOpen ? n.greater(field.min) : n.min(field.min);
			if (field.max !== undefined) n = field.maxOpen ? n.less(field.max) : n.max(field.max);
			schema = n;
			break;
		}
		case 'boolean':
			schema = Joi.boolean().strict();
			break;
		case 'text': {
			let t = Joi.string().max(field.maxLength ?? MAX_TEXT);
			if (field.required)
				t = t.custom((value: string, h) => (value.trim() === '' ? h.error('any.required') : value));
			else t = t.allow('');
			if (field.minLength) t = t.min(field.minLength);
			if (field.minLetters)
				t = t.custom((value: string, h) =>
					lettersIn(value) < field.minLetters! ? h.error('string.min') : value
				);
			if (field.pattern) t = t.pattern(new RegExp(field.pattern));
			schema = t;
			break;
		}
		case 'date':
			schema = Joi.string().custom((value: string, h) =>
				isCalendarDate(value) ? value : h.error('date.base')
			);
			break;
		case 'choice':
			schema = Joi.string().valid(...field.choices, ...(field.numeric ? field.choices.map(Number) : []));
			break;
		case 'list': {
			let a = Joi.array().items(baseOf(field.item));
			if (field.minItems) a = a.min(field.minItems);
			if (field.maxItems !== undefined) a = a.max(field.maxItems);
			schema = a;
			break;
		}
		case 'object':
			schema = Joi.object(keysOf(field.fields));
			break;
	}
	return schema;
}

function schemaOf(field: Field): Joi.Schema {
	const schema = baseOf(field);
	if (field.required) return schema.required();
	return schema.empty(null).default(field.default === undefined ? null : field.default);
}

const keysOf = (fields: readonly Field[]): Record<string, Joi.Schema> =>
	Object.fromEntries(fields.map((field) => [field.name, schemaOf(field)]));

const made = new WeakMap<readonly Field[], Joi.ObjectSchema>();
/** The schema of a field list, made once. What no field names is left out of what is kept. */
function joiFor(fields: readonly Field[]): Joi.ObjectSchema {
	const known = made.get(fields);
	if (known) return known;
	const schema = Joi.object(keysOf(fields))
		.required()
		.prefs({ convert: false, abortEarly: true, stripUnknown: { objects: true, arrays: false } });
	made.set(fields, schema);
	return schema;
}

const CODES: Record<string, string> = {
	'any.required': 'missing',
	'number.base': 'not-a-number',
	'number.infinity': 'not-a-number',
	'number.integer': 'not-an-integer',
	'number.unsafe': 'not-a-number',
	'number.min': 'below-minimum',
	'number.greater': 'below-minimum',
	'number.max': 'above-maximum',
	'number.less': 'above-maximum',
	'boolean.base': 'not-a-boolean',
	'string.base': 'not-text',
	'string.empty': 'missing',
	'string.min': 'below-minimum',
	'string.max': 'above-maximum',
	'string.pattern.base': 'not-allowed',
	'date.base': 'not-a-date',
	'any.only': 'unknown-choice',
	'array.base': 'not-a-list',
	'array.min': 'too-few',
	'array.max': 'too-many',
	'array.includesRequiredUnknowns': 'missing',
	'array.sparse': 'missing',
	'object.base': 'not-an-object'
};

function fieldAt(fields: readonly Field[], path: readonly (string | number)[]): Field | undefined {
	let at: Field | undefined;
	for (const key of path)
		at =
			typeof key === 'number'
				? at?.kind === 'list'
					? at.item
					: undefined
				: (at?.kind === 'object' ? at.fields : at ? [] : fields).find((field) => field.name === key);
	return at;
}

/** Checks what a request brought against a field list. @throws InputFault in the words and codes of the core */
export function checked<const L extends readonly Field[]>(fields: L, value: unknown): Values<L> {
	const { error, value: clean } = joiFor(fields).validate(value === undefined ? {} : value);
	// What Joi let through is what the field list says.
	if (!error) return clean as Values<L>;
	const detail = error.details[0]!;
	const path = detail.path.join('.');
	const field = fieldAt(fields, detail.path);
	const given: unknown = detail.context?.value;
	let code = CODES[detail.type] ?? 'not-allowed';
	if (field && (given === null || given === undefined)) code = 'missing';
	else if (field?.kind === 'choice' || field?.kind === 'date')
		code = field.kind === 'date' ? 'not-a-date' : 'unknown-choice';
	else if (field?.kind === 'number' && code === 'missing') code = 'not-a-number';
	if (!field)
		throw new InputFault(path || 'input', 'not-an-object', 'The input must be one group of named values.');
	throw faultOf(field, path, code, given);
}
