import type { Cookies } from '@sveltejs/kit';
import { SESSION_SECONDS } from '../people/sessions.js';

/** Behind TLS the name itself binds the cookie to this host and to TLS. */
const nameFor = (url: URL): string => (url.protocol === 'https:' ? '__Host-uncinus' : 'uncinus');

export const sessionToken = (cookies: Cookies, url: URL): string | null => cookies.get(nameFor(url)) ?? null;
export function giveSession(cookies: Cookies, url: URL, token: string): void {
	cookies.set(nameFor(url), token, {
		path: '/',
		httpOnly: true,
		sameSite: 'strict',
		secure: url.protocol === 'https:',
		maxAge: SESSION_SECONDS
	});
}
export const takeSession = (cookies: Cookies, url: URL): void =>
	cookies.delete(nameFor(url), { path: '/', secure: url.protocol === 'https:' });
