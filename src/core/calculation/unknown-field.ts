import type { Field } from './fields.js';
import { InputFault } from './fault.js';

/**
 * A name that no field has is a mistake of whoever wrote the input: ignored, it would be computed without it.
 * @throws InputFault `unknown-field`, with the names there are
 */
export function refuseUnknownFields(fields: readonly Field[], input: unknown, prefix = ''): void {
	if (typeof input !== 'object' || input === null || Array.isArray(input)) return;
	for (const [name, value] of Object.entries(input)) {
		const field = fields.find((known) => known.name === name);
		if (!field)
			throw new InputFault(
				prefix + name,
				'unknown-field',
				`There is no ${prefix}${name} here. Leave it out, or write one of: ${fields.map((known) => known.name).join(', ')}.`
			);
		if (field.kind === 'object') refuseUnknownFields(field.fields, value, `${prefix}${name}.`);
		if (field.kind === 'list' && field.item.kind === 'object' && Array.isArray(value))
			for (const [i, entry] of value.entries())
				refuseUnknownFields(field.item.fields, entry, `${prefix}${name}.${i}.`);
	}
}
