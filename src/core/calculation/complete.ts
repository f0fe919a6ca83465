import { checkField } from './check.js';
import type { InputFault } from './fault.js';
import { attempt } from './attempt.js';
import type { Field, Values } from './fields.js';

/**
 * What is known so far, with defaults for what is not: what a preview computes with. Nothing is checked; a calculation names for
 * itself what it cannot do without.
 */
export function completed<const L extends readonly Field[]>(
	fields: L,
	known: Readonly<Record<string, unknown>>
): Values<L> {
	const full = fields.map((field) => [field.name, known[field.name] ?? field.default ?? null]);
	return Object.fromEntries(full) as Values<L>;
}

/** The first list or group that cannot be done without and is not there, or cannot be read: without it nothing is previewed. */
export function partMissing(
	fields: readonly Field[],
	known: Readonly<Record<string, unknown>>
): InputFault | null {
	for (const field of fields) {
		if (!field.required || (field.kind !== 'list' && field.kind !== 'object')) continue;
		if (known[field.name] !== undefined && known[field.name] !== null) continue;
		const { fault } = attempt(() => checkField(field, field.name, known[field.name]));
		if (fault) return fault;
	}
	return null;
}
