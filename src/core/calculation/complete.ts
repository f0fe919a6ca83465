import type { Field, Values } from './fields.js';

/**
 * What is known so far, with defaults for what is not: what a preview computes with. Nothing is checked; a calculation names for
 * itself what it cannot do without.
 */
export function completed<const L extends readonly Field[]>(
	fields: L,
	known: Readonly<Record<string, unknown>>
): Values<L> {
	const full = fields.map((f) => [f.name, known[f.name] ?? f.default ?? null]);
	return Object.fromEntries(full) as Values<L>;
}
