import type { Kept } from './outbox.svelte';

const isObject = (v: unknown): v is Record<string, unknown> =>
	typeof v === 'object' && v !== null && !Array.isArray(v);
const isKept = (v: unknown): v is Kept =>
	isObject(v) &&
	['key', 'station', 'step', 'title', 'by'].every((n) => typeof v[n] === 'string') &&
	['setupId', 'version', 'atMs'].every((n) => Number.isFinite(v[n])) &&
	isObject(v.values) &&
	Array.isArray(v.typed) &&
	v.typed.every((t) => isObject(t) && typeof t.label === 'string' && typeof t.value === 'string') &&
	(v.draft === null || isObject(v.draft)) &&
	(v.refused === null || isObject(v.refused));

/** What waits in a browser, by whether it can be read as a record; what cannot stays as the text it is. */
export function readQueue(text: string): { good: Kept[]; bad: string[] } {
	let all: unknown;
	try {
		all = JSON.parse(text);
	} catch {
		return { good: [], bad: [text] };
	}
	const list: unknown[] = Array.isArray(all) ? all : [all];
	return { good: list.filter(isKept), bad: list.filter((v) => !isKept(v)).map((v) => JSON.stringify(v)) };
}
