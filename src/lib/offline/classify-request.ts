/** What a request is to the worker that keeps the open setup for when the network is away. */
export type RequestKind =
	/** A part of the application itself, which never changes under its name. */
	| { kind: 'part' }
	/** A page of a setup. */
	| { kind: 'setup'; id: number; path: string }
	/** What such a page needs from the server; which of its levels are asked for. */
	| { kind: 'data'; id: number; path: string; levels: string | null }
	/** Somebody leaves: nothing of a setup stays for the next one. */
	| { kind: 'leave' }
	/** Any other page. */
	| { kind: 'page' }
	/** Everything else goes its way. */
	| { kind: 'other' };

const SETUP = /^\/setups\/(\d+)(?:\/[a-z-]+)?$/;
const DATA = '/__data.json';
const LEVELS = 'x-sveltekit-invalidated';

/**
 * Sorts a request.
 * @example classifyRequest({ method: 'GET', mode: 'navigate', url: 'https://shop/setups/7/true' }, []).kind // "setup"
 */
export function classifyRequest(
	request: { method: string; mode: string; url: string },
	parts: readonly string[]
): RequestKind {
	const url = new URL(request.url);
	const navigates = request.mode === 'navigate';
	if (navigates && (url.pathname === '/sign-in' || url.pathname === '/sign-out')) return { kind: 'leave' };
	if (request.method !== 'GET') return { kind: 'other' };
	if (parts.includes(url.pathname)) return { kind: 'part' };
	if (url.pathname.endsWith(DATA)) {
		const path = url.pathname.slice(0, -DATA.length);
		const id = SETUP.exec(path)?.[1];
		return id
			? { kind: 'data', id: Number(id), path, levels: url.searchParams.get(LEVELS) }
			: { kind: 'other' };
	}
	if (!navigates) return { kind: 'other' };
	const id = SETUP.exec(url.pathname)?.[1];
	return id ? { kind: 'setup', id: Number(id), path: url.pathname } : { kind: 'page' };
}
