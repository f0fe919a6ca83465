import { handleApi } from '$lib/server/http/answer';
import { lockSession } from '$lib/server/people/sessions';

/** The screen was left alone: from here on the server asks for a PIN too. */
export const POST = ({ locals }) =>
	handleApi(async () => {
		if (locals.token) await lockSession(locals.token);
		return { ok: true };
	});
