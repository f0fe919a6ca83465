/** Words for what can be wrong with an input; one set for the whole product. Chapters add a few special ones. */
export type FaultCode =
	| 'missing'
	| 'not-a-number'
	| 'not-an-integer'
	| 'not-a-boolean'
	| 'not-text'
	| 'not-a-list'
	| 'not-an-object'
	| 'not-a-date'
	| 'unknown-choice'
	| 'below-minimum'
	| 'above-maximum'
	| 'too-few'
	| 'too-many'
	| 'inconsistent'
	| (string & {});

/** Numbers in words, without the tail that a conversion from inches leaves: 355.59999999999997 reads 355.6. What somebody typed is quoted and stays. */
export const tidied = (words: string): string =>
	words.replace(/"[^"]*"|\d+\.\d{6,}/g, (n) =>
		n.startsWith('"') ? n : String(Number(Number(n).toPrecision(6)))
	);

/** Bad input: names the field (dotted inside lists and objects), the code and what to do about it. */
export class InputFault extends Error {
	constructor(
		readonly field: string,
		readonly code: FaultCode,
		message: string
	) {
		super(tidied(message));
		this.name = 'InputFault';
	}
	toJSON(): { field: string; code: string; message: string } {
		return { field: this.field, code: this.code, message: this.message };
	}
}

/** A value shortened for an error message, so that no message can grow without bound. */
export function shown(value: unknown): string {
	const text =
		typeof value === 'string'
			? `"${value}"`
			: typeof value === 'object' && value !== null
				? written(value)
				: String(value);
	return text.length > 40 ? `${text.slice(0, 37)}...` : text;
}

/** A group or list as text; one nested so deep that it cannot be written is called that. */
function written(value: object): string {
	try {
		return JSON.stringify(value) ?? 'a group';
	} catch {
		return Array.isArray(value) ? 'a list nested too deep' : 'a group nested too deep';
	}
}
