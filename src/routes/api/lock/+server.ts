import { answering } from '$lib/server/door/answer';
import { lockSession } from '$lib/server/people/sessions';

/** The screen was left alone: from here on the server asks for a PIN too. */
export const POST = ({ locals }) =>
	answering(async () => {
		if (locals.token) await lockSession(locals.token);
		return { ok: true };
	});
