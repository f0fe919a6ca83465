import { randomBytes } from 'node:crypto';
import page from '../../../error.html?raw';

/** What every answer carries; a page brings its own policy for scripts, anything else allows none. */
const ALWAYS: Readonly<Record<string, string>> = {
	'x-content-type-options': 'nosniff',
	'referrer-policy': 'same-origin',
	'x-frame-options': 'DENY',
	'cross-origin-opener-policy': 'same-origin',
	'cross-origin-resource-policy': 'same-origin',
	'permissions-policy':
		'microphone=(self), camera=(self), geolocation=(), payment=(), usb=(), serial=(), display-capture=()'
};
/** A year, once the operator's address says that it is reached by TLS only. */
const HSTS = 'max-age=31536000';

/** Puts the headers of this house on an answer; what was said more exactly stays. */
export function withHeaders(response: Response, secure: boolean): Response {
	const headers = response.headers;
	for (const [name, value] of Object.entries(ALWAYS)) headers.set(name, value);
	if (!headers.has('content-security-policy'))
		headers.set('content-security-policy', "frame-ancestors 'none'");
	if (!headers.has('cache-control')) headers.set('cache-control', 'no-store');
	if (secure) headers.set('strict-transport-security', HSTS);
	return response;
}

const escaped = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A refusal as a page of its own: nothing of the application is loaded for it, and one for a moment looks again by itself. */
export function refusalPage(status: number, message: string): Response {
	const nonce = randomBytes(16).toString('base64');
	return new Response(
		page
			.replaceAll('%sveltekit.error.message%', () => escaped(message))
			.replaceAll('%sveltekit.status%', String(status))
			.replace('<script>', `<script nonce="${nonce}">`),
		{
			status,
			headers: {
				'content-type': 'text/html; charset=utf-8',
				'content-security-policy': `default-src 'none'; script-src 'nonce-${nonce}'; connect-src 'self'; style-src 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'`
			}
		}
	);
}
