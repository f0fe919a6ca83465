import { json, type Handle, type HandleServerError } from '@sveltejs/kit';
import { PERSON_HEADER } from '$core/shop/person-header';
import { DatabaseDown } from '$lib/server/storage/pool';
import { compressed } from '$lib/server/http/compressed';
import { MAX_JSON, tooMuch } from '$lib/server/http/body-limits';
import { Refusals } from '$lib/server/http/refusals';
import { takeSeat } from '$lib/server/http/seats';
import { ONLY_LOOKS } from '$lib/server/people/permission';
import { placeOf } from '$lib/server/people/login-throttle';
import { refusalPage, withHeaders } from '$lib/server/http/headers';
import { foreignWrite, knownHost, namesOf } from '$lib/server/http/hosts';
import { logger } from '$lib/server/http/logger';
import { sessionToken } from '$lib/server/http/cookie';
import { sessionOf } from '$lib/server/people/sessions';

const OPEN = new Set(['/sign-in', '/first', '/health', '/api/unlock']);
/** What somebody with a PIN for one time may do before it is changed. */
const BEFORE_CHANGE = new Set(['/account', '/api/account', '/sign-out', '/api/lock', '/api/unlock']);
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
function atTheDoor({ request, route, url }: Event): Refusal | null {
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
	if (url.searchParams.has('/default'))
		return { status: 400, code: 'no-such-action', message: 'There is no such form. Load the page again.' };
	const much = tooMuch(request, route.id);
	return much && { ...much, code: much.status === 411 ? 'length-missing' : 'too-large' };
}

/** Who asks, or why that cannot be said; null for nobody. */
async function whoAsks({ locals, cookies, url }: Event): Promise<Refusal | null> {
	locals.token = sessionToken(cookies, url);
	locals.user = locals.lockedUser = null;
	locals.mustChange = false;
	if (!locals.token) return null;
	try {
		const s = await sessionOf(locals.token);
		if (s?.locked) locals.lockedUser = s.user;
		else locals.user = s?.user ?? null;
		locals.mustChange = s?.mustChange ?? false;
		return null;
	} catch (e) {
		if (e instanceof DatabaseDown) return { status: 503, code: e.code, message: e.message };
		throw e;
	}
}

const SIGNED_OUT: Refusal = {
	status: 401,
	code: 'signed-out',
	message: 'You are signed out. Sign in again; what you typed is kept.'
};
const LOCKED: Refusal = {
	status: 423,
	code: 'locked',
	message: 'The screen is locked. Type your PIN; what you typed is kept.'
};
const CHANGE_FIRST: Refusal = {
	status: 403,
	code: 'change-pin',
	message: 'You signed in with a PIN for one time. Choose your own first.'
};
const elsewhere = (location: string): Response => new Response(null, { status: 303, headers: { location } });

/** A page of somebody else than whoever is signed in by now: nothing of it is carried out under the wrong name. */
function ofAnother({ request, locals }: Event): Refusal | null {
	const named = request.headers.get(PERSON_HEADER);
	if (!named || !locals.user || named === String(locals.user.id)) return null;
	return {
		status: 409,
		code: 'another-person',
		message: `${locals.user.name} is signed in in this browser now, and this page was opened by somebody else. What was typed is kept; load the page again.`
	};
}

const lengthOf = (request: Request): number =>
	request.body === null ? 0 : Number(request.headers.get('content-length') ?? 0);

/** Whoever may only look sends nothing large: asked before it is read. */
function mayBeRead({ request, locals }: Event): Refusal | null {
	if (locals.user?.role !== 'viewer' || lengthOf(request) <= MAX_JSON) return null;
	return { status: 403, code: 'viewer', message: ONLY_LOOKS };
}

/** Only so much of one person, and from one place, is read at once; others are not held up by it. */
async function seated(
	event: Event,
	refused: (r: Refusal) => Response,
	work: () => Response | Promise<Response>
): Promise<Response> {
	const bytes = lengthOf(event.request);
	if (!bytes) return work();
	const person = event.locals.user ?? event.locals.lockedUser;
	const leave = takeSeat(person?.id ?? null, placeOf(event.getClientAddress()), bytes);
	if (!leave)
		return refused({
			status: 429,
			code: 'busy',
			message: 'Too much is being sent from here at once. Wait a moment, then try again.'
		});
	try {
		return await work();
	} finally {
		leave();
	}
}

export const handle: Handle = async ({ event, resolve }) => {
	const api = event.url.pathname.startsWith('/api/');
	const refused = ({ status, code, message }: Refusal): Response =>
		api ? json({ error: { field: '', code, message } }, { status }) : refusalPage(status, message);
	const answer = async (): Promise<Response> => {
		const refusal = atTheDoor(event) ?? (await whoAsks(event));
		if (refusal) return refused(refusal);
		const { locals, url } = event;
		const another = ofAnother(event);
		if (another) return refused(another);
		if (OPEN.has(url.pathname) || event.route.id === null)
			return seated(event, refused, () => resolve(event));
		if (!locals.user) {
			if (api) return refused(locals.lockedUser ? LOCKED : SIGNED_OUT);
			return elsewhere(`/sign-in?to=${encodeURIComponent(url.pathname + url.search)}`);
		}
		const reading = mayBeRead(event);
		if (reading) return refused(reading);
		if (locals.mustChange && !BEFORE_CHANGE.has(url.pathname))
			return api ? refused(CHANGE_FIRST) : elsewhere('/account');
		return seated(event, refused, () => resolve(event));
	};
	return compressed(event.request, withHeaders(await answer(), event.url.protocol === 'https:'));
};

const refusals = new Refusals(logger);
/** Whoever sent it was gone before all of it was here. */
const wentAway = (e: unknown): boolean =>
	e instanceof Error &&
	(e.name === 'AbortError' ||
		/aborted|ECONNRESET/.test(`${e.message} ${(e as NodeJS.ErrnoException).code ?? ''}`));

export const handleError: HandleServerError = ({ error: e, status, event }) => {
	if (e instanceof DatabaseDown) return { message: e.message, code: e.code };
	if (status === 404) return { message: 'There is nothing at this address.', code: 'not-found' };
	if (status < 500 || wentAway(e)) {
		refusals.tell(String(status), event.url.pathname, Date.now());
		return { message: 'This cannot be sent here like that. Load the page again.', code: 'refused' };
	}
	logger.error({ err: e, path: event.url.pathname }, 'unexpected');
	return {
		message: 'Something went wrong here, not with you. Nothing was recorded; try again.',
		code: 'unexpected'
	};
};
