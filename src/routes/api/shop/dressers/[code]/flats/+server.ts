import { handleApi, bodyOf } from '$lib/server/http/answer';
import { addFlat } from '$lib/server/shop/dresser-log';

/** Keeps a flat measured on a dresser. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await addFlat(params.code, body.values, locals.user!);
		return { ok: true };
	});
