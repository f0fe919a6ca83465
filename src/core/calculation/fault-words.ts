import { type ChoiceField, type Field, type NumberField, labelOf } from './fields.js';
import { type FaultCode, InputFault, shown } from './fault.js';

const article: Partial<Record<FaultCode, string>> = {
	'not-a-boolean': 'yes or no (true or false)',
	'not-text': 'text',
	'not-a-list': 'a list',
	'not-an-object': 'a group of named values',
	'not-a-date': 'a calendar date like 2030-06-01',
	'not-an-integer': 'a whole number',
	'not-a-number': 'a number'
};

/** The one place that words a fault of a single field, for the core check and for the server's schema alike. */
export function faultOf(field: Field, path: string, code: FaultCode, value: unknown): InputFault {
	const name = labelOf(field);
	const unit = 'unit' in field && field.unit ? ` ${field.unit}` : '';
	const say = (text: string) => new InputFault(path, code, text);
	switch (code) {
		case 'missing':
			if (field.kind === 'boolean') return say(`${name}: say yes or no.`);
			if (field.kind === 'choice') return say(`${name}: pick one.`);
			return say(`${name} is missing. Enter it.`);
		case 'unknown-choice':
			return say(`${name}: ${shown(value)} is not one of ${listed((field as ChoiceField).choices)}.`);
		case 'below-minimum': {
			if (field.kind === 'text')
				return say(
					`${name} is too short. Enter at least ${field.minLetters ? `${field.minLetters} letters` : `${field.minLength ?? 1} characters`}.`
				);
			const f = field as NumberField;
			return say(
				`${name}: ${shown(value)}${unit} is too small. Enter ${f.minOpen ? `more than ${f.min}` : `${f.min} or more`}${unit}.${because(f)}`
			);
		}
		case 'above-maximum': {
			if (field.kind === 'text')
				return say(`${name} is too long. Keep it to ${field.maxLength ?? 200} characters.`);
			const f = field as NumberField;
			return say(
				`${name}: ${shown(value)}${unit} is too large. Enter ${f.maxOpen ? `less than ${f.max}` : `${f.max} or less`}${unit}.${because(f)}`
			);
		}
		case 'too-few':
			return say(
				`${name}: at least ${(field as { minItems?: number }).minItems} needed, ${(value as unknown[]).length} given.`
			);
		case 'too-many':
			return say(
				`${name}: at most ${(field as { maxItems?: number }).maxItems} allowed, ${(value as unknown[]).length} given.`
			);
		case 'not-allowed':
			return say(
				`${name}: ${shown(value)} ${(field as { patternSays?: string }).patternSays ?? 'is not written in the expected way'}.`
			);
		default:
			return say(
				`${name}: ${shown(value)} is not ${article[code] ?? 'accepted'}. Enter ${article[code] ?? 'another value'}.`
			);
	}
}

/** The rule behind an end that nobody can move. */
const because = (f: NumberField): string => (f.end ? ` ${f.end}` : '');

/** Nobody reads a longer list in one sentence. */
const MAX_TOLD = 8;
const ROOM = 200;
/** Choices in a sentence, the first of a long list. */
const listed = (choices: readonly string[]): string =>
	choices.join(', ').length <= ROOM
		? choices.join(', ')
		: `${choices.slice(0, MAX_TOLD).join(', ')} and ${choices.length - MAX_TOLD} more`;
