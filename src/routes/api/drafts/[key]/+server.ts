import { handleApi, bodyOf } from '$lib/server/http/answer';
import { dropDraft, keepDraft } from '$lib/server/storage/drafts';

/** Keeps what somebody has typed. */
export const PUT = ({ params, request, locals }) =>
	handleApi(async () => ({ kept: await keepDraft(locals.user!.id, params.key, await bodyOf(request)) }));
export const DELETE = ({ params, locals }) =>
	handleApi(async () => {
		await dropDraft(locals.user!.id, params.key);
		return { ok: true };
	});
