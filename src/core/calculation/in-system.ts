import type { System } from '../quantity/parse.js';
import type { Field } from './fields.js';

const inches = new WeakMap<readonly Field[], readonly Field[]>();

/** A field as it counts where numbers are typed in this system: round figures of that system, and its own ends. */
export function fieldIn<F extends Field>(field: F, system: System): F {
	if (system === 'mm') return field;
	if (field.kind === 'object') return { ...field, fields: fieldsIn(field.fields, system) };
	if (field.kind === 'list') return { ...field, item: fieldIn(field.item, system) };
	return (field.kind === 'number' || field.kind === 'integer') && field.inch
		? { ...field, ...field.inch }
		: field;
}

/** The same for a whole list; the same list where the system is metric. */
export function fieldsIn<L extends readonly Field[]>(fields: L, system: System): L {
	if (system === 'mm') return fields;
	let made = inches.get(fields);
	if (!made) inches.set(fields, (made = fields.map((field) => fieldIn(field, system))));
	// The same fields in the same order, some with other figures.
	return made as readonly Field[] as L;
}
