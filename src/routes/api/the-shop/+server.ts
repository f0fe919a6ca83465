import { handleApi, bodyOf } from '$lib/server/http/answer';
import { nameShop, wayShown } from '$lib/server/shop/the-shop';

/** Names the shop and says its units; or closes the way from nothing to a first setup. */
export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		if (body.wayShown === true) await wayShown(locals.user!);
		else await nameShop(body.values, locals.user!);
		return { ok: true };
	});
