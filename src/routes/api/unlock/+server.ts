import { handleApi, bodyOf, textIn } from '$lib/server/http/answer';
import { giveSession } from '$lib/server/http/cookie';
import { InputFault } from '$lib/server/refused';
import { openSession, signOut, wakeSession } from '$lib/server/people/sessions';
import { checkPin, people } from '$lib/server/people/sign-in';

/** Who may step up to a screen that is locked. */
export const GET = () => handleApi(async () => ({ people: await people() }));

/** The PIN of whose screen it is wakes it; that of somebody else signs them in there instead. */
export const POST = ({ request, locals, cookies, url, getClientAddress }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		const [userId, pin] = [body.userId, textIn(body.pin)];
		if (typeof userId !== 'number' || !Number.isInteger(userId))
			throw new InputFault('userId', 'missing', 'Pick your name.');
		if (!pin) throw new InputFault('pin', 'missing', 'Type your PIN.');
		const told = await checkPin(userId, pin, getClientAddress());
		if ('problem' in told) throw new InputFault(told.field, 'not-allowed', told.problem);
		const owner = locals.user ?? locals.lockedUser;
		if (owner?.id === userId && locals.token) {
			await wakeSession(locals.token);
			return { same: true };
		}
		if (locals.token) await signOut(locals.token);
		giveSession(cookies, url, await openSession(userId));
		return { same: false };
	});
