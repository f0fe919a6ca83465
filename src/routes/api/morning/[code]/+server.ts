import { handleApi, bodyOf, keyOf } from '$lib/server/http/answer';
import { keepMorning } from '$lib/server/shop/morning';

/** Keeps the morning sheet of a machine. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await keepMorning(params.code, body.values, keyOf(body), locals.user!);
		return { ok: true };
	});
