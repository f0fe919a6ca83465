import { json, type Handle, type HandleServerError } from '@sveltejs/kit';
import { DatabaseDown } from '$lib/server/db/pool';
import { tooMuch } from '$lib/server/door/body-limits';
import { refusalPage, withHeaders } from '$lib/server/door/headers';
import { foreignWrite, knownHost, namesOf } from '$lib/server/door/hosts';
import { logger } from '$lib/server/door/logger';
import { userOf } from '$lib/server/people/sign-in';

const OPEN = new Set(['/sign-in', '/health']);
const DOWN = 'The database does not answer. What you typed is kept here; it will be tried again by itself.';
const names = namesOf(process.env);

// Started by the command it lives no longer than the command, even when that is killed.
if (process.connected) process.on('disconnect', () => process.exit(0));
// Told to end, and done with what was under way: open connections to the database must not hold it.
process.on('sveltekit:shutdown', () => process.exit(0));

interface Refusal {
	status: number;
	code: string;
	message: string;
}
type Event = Parameters<Handle>[0]['event'];

/** What is refused whoever asks, before anything of the request is read. */
function atTheDoor({ request, route }: Event): Refusal | null {
	if (!knownHost(request, names))
		return {
			status: 403,
			code: 'unknown-host',
			message: 'This server is not known by that name. Use the address your shop uses.'
		};
	if (foreignWrite(request, names))
		return {
			status: 403,
			code: 'foreign-origin',
			message: 'This request came from another site and was not carried out.'
		};
	const much = tooMuch(request, route.id);
	return much && { ...much, code: much.status === 411 ? 'length-missing' : 'too-large' };
}

/** Who asks, or why that cannot be said; null for nobody. */
async function whoAsks(event: Event): Promise<Refusal | null> {
	event.locals.token = event.cookies.get('uncinus') ?? null;
	event.locals.user = null;
	try {
		event.locals.user = event.locals.token ? ((await userOf(event.locals.token)) ?? null) : null;
		return null;
	} catch (e) {
		if (e instanceof DatabaseDown) return { status: 503, code: 'database-down', message: DOWN };
		throw e;
	}
}

export const handle: Handle = async ({ event, resolve }) => {
	const api = event.url.pathname.startsWith('/api/');
	const refused = ({ status, code, message }: Refusal): Response =>
		api ? json({ error: { field: '', code, message } }, { status }) : refusalPage(status, message);
	const answer = async (): Promise<Response> => {
		const refusal = atTheDoor(event) ?? (await whoAsks(event));
		if (refusal) return refused(refusal);
		if (event.locals.user || OPEN.has(event.url.pathname) || event.route.id === null) return resolve(event);
		if (api)
			return refused({
				status: 401,
				code: 'signed-out',
				message: 'You are signed out. Sign in again; what you typed is kept.'
			});
		const to = encodeURIComponent(event.url.pathname + event.url.search);
		return new Response(null, { status: 303, headers: { location: `/sign-in?to=${to}` } });
	};
	return withHeaders(await answer(), event.url.protocol === 'https:');
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
