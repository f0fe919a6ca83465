import { InputFault } from './fault.js';
import { labelOf } from './fields.js';

/** Fields that only some cases need: the first of them left empty is named by its label. @throws InputFault `missing` */
export function needed(
	values: Readonly<Record<string, unknown>>,
	fields: readonly { name: string; label?: string }[],
	why: string
): void {
	for (const field of fields)
		if (values[field.name] === null || values[field.name] === undefined)
			throw new InputFault(field.name, 'missing', `${labelOf(field)} is missing. ${why}`);
}
