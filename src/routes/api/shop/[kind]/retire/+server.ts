import { handleApi, bodyOf, textIn } from '$lib/server/http/answer';
import { retireShopItem } from '$lib/server/shop/retire';

/** Takes a thing of the shop out of use, or brings it back. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await retireShopItem(params.kind, textIn(body.of), body.retired === true, locals.user!);
		return { ok: true };
	});
