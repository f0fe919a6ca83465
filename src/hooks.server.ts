import { error, json, redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import { DatabaseDown } from '$lib/server/db/pool';
import { logger } from '$lib/server/door/logger';
import { userOf } from '$lib/server/people/sign-in';

const OPEN = new Set(['/sign-in', '/health']);
const DOWN = 'The database does not answer. What you typed is kept here; it will be tried again by itself.';

// Started by the command it lives no longer than the command, even when that is killed.
if (process.connected) process.on('disconnect', () => process.exit(0));
// Told to end, and done with what was under way: open connections to the database must not hold it.
process.on('sveltekit:shutdown', () => process.exit(0));

/** A write has to come from a page of this server. */
function foreign(request: Request, url: URL): boolean {
	if (request.method === 'GET' || request.method === 'HEAD') return false;
	const origin = request.headers.get('origin');
	return (
		origin !== null &&
		new URL(origin === 'null' ? 'http://nowhere' : origin).host !== (request.headers.get('host') ?? url.host)
	);
}

export const handle: Handle = async ({ event, resolve }) => {
	const api = event.url.pathname.startsWith('/api/');
	const refuse = (status: number, code: string, message: string) =>
		api ? json({ error: { field: '', code, message } }, { status }) : error(status, { message, code });
	if (foreign(event.request, event.url))
		return refuse(403, 'foreign-origin', 'This request came from another site and was not carried out.');
	event.locals.token = event.cookies.get('uncinus') ?? null;
	event.locals.user = null;
	try {
		event.locals.user = event.locals.token ? ((await userOf(event.locals.token)) ?? null) : null;
	} catch (e) {
		if (e instanceof DatabaseDown) return refuse(503, 'database-down', DOWN);
		throw e;
	}
	if (!event.locals.user && !OPEN.has(event.url.pathname) && event.route.id !== null) {
		if (api) return refuse(401, 'signed-out', 'You are signed out. Sign in again; what you typed is kept.');
		redirect(303, `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
	}
	const response = await resolve(event);
	response.headers.set('x-content-type-options', 'nosniff');
	response.headers.set('referrer-policy', 'same-origin');
	response.headers.set('x-frame-options', 'SAMEORIGIN');
	return response;
};

export const handleError: HandleServerError = ({ error: e, status, event }) => {
	if (e instanceof DatabaseDown) return { message: DOWN, code: 'database-down' };
	if (status === 404) return { message: 'There is nothing at this address.', code: 'not-found' };
	logger.error({ err: e, path: event.url.pathname }, 'unexpected');
	return {
		message: 'Something went wrong here, not with you. Nothing was recorded; try again.',
		code: 'unexpected'
	};
};
