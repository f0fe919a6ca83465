import { InputFault } from '../../core/calculation/fault.js';

/** Names that would reach behind an object when it is read again. */
const FOREIGN: readonly string[] = ['__proto__', 'constructor', 'prototype'];
/** As deep as anything the shop keeps could ever be; the database itself keeps 32. */
export const DEEPEST = 30;

/** As many named values as no group the shop keeps ever has; looking through more would hold others up. */
const MAX_NAMES = 1000;

/** Half of a character: no text holds it, and nothing could be kept of it. */
const HALF = /\p{Surrogate}/u;

type Unsound = 'foreign-name' | 'half-character' | 'too-deep' | 'too-many-names';
/** What stops a value from being taken: a name that reaches behind objects, half a character, too many names in a group, or too many groups inside each other. Null when it is sound. */
export function unsound(value: unknown): Unsound | null {
	// By hand and not by calling itself: a value nested a hundred thousand times must not end the walk.
	let level: unknown[] = [value];
	for (let depth = 0; level.length; depth++) {
		if (depth > DEEPEST) return 'too-deep';
		const next: unknown[] = [];
		for (const v of level) {
			if (typeof v === 'string' && HALF.test(v)) return 'half-character';
			if (typeof v !== 'object' || v === null) continue;
			if (!Array.isArray(v)) {
				const names = Object.keys(v);
				if (names.length > MAX_NAMES) return 'too-many-names';
				if (names.some((k) => FOREIGN.includes(k))) return 'foreign-name';
				if (names.some((k) => HALF.test(k))) return 'half-character';
			}
			// A long list is walked as it is: a copy of millions of entries would weigh as much again.
			for (const inner of Array.isArray(v) ? (v as unknown[]) : Object.values(v))
				if (typeof inner === 'string' || (typeof inner === 'object' && inner !== null)) next.push(inner);
		}
		level = next;
	}
	return null;
}

/** The group of named values a request carries. @throws InputFault when it is none, reaches behind objects or is nested too deep */
export function groupIn(text: string): Record<string, unknown> {
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch {
		throw new InputFault('input', 'not-an-object', 'The request is not readable JSON.');
	}
	if (typeof body !== 'object' || body === null || Array.isArray(body))
		throw new InputFault('input', 'not-an-object', 'The request must be one group of named values.');
	const wrong = unsound(body);
	if (wrong === 'too-deep')
		throw new InputFault(
			'input',
			wrong,
			`The request has more than ${DEEPEST} groups inside each other. Nothing here is nested so deep.`
		);
	if (wrong === 'too-many-names')
		throw new InputFault('input', wrong, `The request names more than ${MAX_NAMES} values in one group.`);
	if (wrong === 'half-character')
		throw new InputFault('input', wrong, 'The request holds half a character. Type that text again.');
	if (wrong)
		throw new InputFault('input', wrong, `The request names a value ${FOREIGN.join(', ')}. Leave it out.`);
	return body as Record<string, unknown>;
}
