import { answering, bodyOf, keyOf } from '$lib/server/door/answer';
import { inspectAtRack } from '$lib/server/wheels/inspections';

/** Looks a wheel of the rack over, or rings it, outside any setup. */
export const POST = ({ params, request, locals }) =>
	answering(async () => {
		const body = await bodyOf(request);
		await inspectAtRack(params.number, String(body.step), body.values, keyOf(body), locals.user!);
		return { ok: true };
	});
