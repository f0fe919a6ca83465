import { answering, bodyOf } from '$lib/server/answer';
import { keepRoute } from '$lib/server/routes';

/** A new version of a route. */
export const POST = ({ params, request, locals }) =>
	answering(async () => {
		const body = await bodyOf(request);
		return { version: await keepRoute(params.code, body.values, body.version, locals.user!) };
	});
