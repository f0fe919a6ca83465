import { unsound } from '../json.js';

/** What was kept as JSON, read again; null when it cannot be read, which is for the page to say. Never throws: old evidence must not take a page away. */
export function stored<T>(text: string | null): T | null {
	if (text === null) return null;
	try {
		const value = JSON.parse(text) as T;
		return unsound(value) ? null : value;
	} catch {
		return null;
	}
}
