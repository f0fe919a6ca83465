import type { Kept } from './outbox.svelte';

const isObject = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
const isKept = (value: unknown): value is Kept =>
	isObject(value) &&
	['key', 'station', 'step', 'title', 'by'].every((n) => typeof value[n] === 'string') &&
	['setupId', 'version', 'atMs'].every((n) => Number.isFinite(value[n])) &&
	isObject(value.values) &&
	Array.isArray(value.typed) &&
	value.typed.every((t) => isObject(t) && typeof t.label === 'string' && typeof t.value === 'string') &&
	(value.draft === null || isObject(value.draft)) &&
	(value.refused === null || isObject(value.refused));

/** What waits in a browser, by whether it can be read as a record; what cannot stays as the text it is. */
export function readQueue(text: string): { good: Kept[]; bad: string[] } {
	let all: unknown;
	try {
		all = JSON.parse(text);
	} catch {
		return { good: [], bad: [text] };
	}
	const list: unknown[] = Array.isArray(all) ? all : [all];
	return {
		good: list.filter(isKept),
		bad: list.filter((value) => !isKept(value)).map((value) => JSON.stringify(value))
	};
}
