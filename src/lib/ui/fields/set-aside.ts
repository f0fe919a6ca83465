import { LOCAL } from './entry.svelte';
import { asWhom, known, userScopedKey } from './user-scoped-key';

/** What this person typed under names that begin alike, as text: name and value, line by line. */
export function typedUnder(prefix: string): string[] {
	return keysUnder(prefix).flatMap((key) => {
		try {
			const typed = JSON.parse(localStorage.getItem(key) ?? '{}') as Record<string, unknown>;
			return Object.entries(typed)
				.filter(([name, v]) => !name.startsWith('_') && v !== null && v !== '')
				.map(([name, v]) => `${name}: ${typeof v === 'object' ? JSON.stringify(v) : String(v)}`);
		} catch {
			return [];
		}
	});
}

/** Takes it out of the way of the page, in this browser and on the server; nothing of it is deleted. */
export async function setAside(prefix: string): Promise<void> {
	for (const key of keysUnder(prefix)) {
		const typed = localStorage.getItem(key);
		if (typed !== null) localStorage.setItem(`aside-${key}`, typed);
		localStorage.removeItem(key);
	}
	const answer = await fetch('/api/drafts/aside', {
		method: 'POST',
		headers: asWhom({ 'content-type': 'application/json' }),
		body: JSON.stringify({ prefix })
	});
	await answer.text();
}

/** Keys of this person's drafts in this browser. */
function keysUnder(prefix: string): string[] {
	try {
		return Object.keys(localStorage).filter(
			// Where a page failed before it knew whose screen this is, whoever typed it.
			(k) => k.startsWith(LOCAL + prefix) && (known() ? k.endsWith(userScopedKey('')) : true)
		);
	} catch {
		return [];
	}
}
