import { handleApi, bodyOf } from '$lib/server/http/answer';
import { keepRoute } from '$lib/server/shop/route-templates';

/** A new version of a route. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		return { version: await keepRoute(params.code, body.values, body.version, locals.user!) };
	});
