import { handleApi, bodyOf, keyOf, textIn } from '$lib/server/http/answer';
import { inspectAtRack } from '$lib/server/wheels/inspections';

/** Looks a wheel of the rack over, or rings it, outside any setup. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await inspectAtRack(params.number, textIn(body.step), body.values, keyOf(body), locals.user!);
		return { ok: true };
	});
