import { handleApi, bodyOf, keyOf } from '$lib/server/http/answer';
import { correctWheel } from '$lib/server/wheels/correct-wheel';

/** Puts right what was read off a wheel when it was received. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await correctWheel(params.number, body.values, body.why, keyOf(body), locals.user!);
		return { ok: true };
	});
