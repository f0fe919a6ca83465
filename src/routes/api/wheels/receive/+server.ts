import { handleApi, bodyOf, keyOf } from '$lib/server/http/answer';
import { receiveWheel } from '$lib/server/wheels/inspections';

/** Receives a wheel: on the rack with its first look, or set aside. */
export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		return receiveWheel(body.values, body.look, keyOf(body), locals.user!);
	});
