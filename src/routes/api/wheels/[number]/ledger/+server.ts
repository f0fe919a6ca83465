import { handleApi, bodyOf, keyOf } from '$lib/server/http/answer';
import { correctLedger } from '$lib/server/wheels/correct-ledger';

/** Puts the last measured line of a wheel's book right. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await correctLedger(params.number, body.values, keyOf(body), locals.user!);
		return { ok: true };
	});
