import { handleApi, bodyOf } from '$lib/server/http/answer';
import { giveSession } from '$lib/server/http/cookie';
import { changePin } from '$lib/server/people/pins';

/** Changes one's own PIN; everywhere else one is signed out. */
export const POST = ({ request, locals, cookies, url, getClientAddress }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		giveSession(
			cookies,
			url,
			await changePin({ pin: body.pin, newPin: body.newPin }, locals.user!, getClientAddress())
		);
		return { ok: true };
	});
