import { handleApi, bodyOf } from '$lib/server/door/answer';
import { dropDraft, keepDraft } from '$lib/server/db/drafts';

/** Keeps what somebody has typed. */
export const PUT = ({ params, request, locals }) =>
	handleApi(async () => ({ kept: await keepDraft(locals.user!.id, params.key, await bodyOf(request)) }));
export const DELETE = ({ params, locals }) =>
	handleApi(async () => {
		await dropDraft(locals.user!.id, params.key);
		return { ok: true };
	});
