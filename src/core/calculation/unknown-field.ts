import type { Field } from './fields.js';
import { InputFault } from './fault.js';

/** How many letters differ at least, by inserting, leaving out or changing one at a time. */
function lettersApart(a: string, b: string): number {
	let row = Array.from({ length: b.length + 1 }, (_, i) => i);
	for (let i = 1; i <= a.length; i++) {
		const next = [i];
		for (let j = 1; j <= b.length; j++)
			next.push(Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1)));
		row = next;
	}
	return row.at(-1)!;
}
const nearest = (name: string, names: readonly string[]): string | undefined =>
	[...names].sort((a, b) => lettersApart(name, a) - lettersApart(name, b))[0];

/**
 * A name that no field has is a mistake of whoever wrote the input: ignored, it would be computed without it.
 * @throws InputFault `unknown-field`, naming the field that is most like it
 */
export function refuseUnknownFields(fields: readonly Field[], input: unknown, prefix = ''): void {
	if (typeof input !== 'object' || input === null || Array.isArray(input)) return;
	const names = fields.map((field) => field.name);
	for (const [name, value] of Object.entries(input)) {
		const field = fields.find((f) => f.name === name);
		if (!field) {
			const like = nearest(name, names);
			throw new InputFault(
				prefix + name,
				'unknown-field',
				`There is no ${prefix}${name} here.${like ? ` Perhaps ${prefix}${like} is meant;` : ''} leave out what does not belong.`
			);
		}
		if (field.kind === 'object') refuseUnknownFields(field.fields, value, `${prefix}${name}.`);
		if (field.kind === 'list' && field.item.kind === 'object' && Array.isArray(value))
			for (const [i, entry] of value.entries())
				refuseUnknownFields(field.item.fields, entry, `${prefix}${name}.${i}.`);
	}
}
