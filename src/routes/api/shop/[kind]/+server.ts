import { handleApi, bodyOf, textIn } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { saveShopItem } from '$lib/server/shop/shop';

/** Adds a thing of the shop, or changes the one named in `of`. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		if (body.of !== null && body.of !== undefined && typeof body.of !== 'string')
			throw new InputFault('of', 'not-text', 'Say which one is changed.');
		return {
			...(await saveShopItem(
				params.kind,
				(body.of as string | null) ?? null,
				body.values,
				locals.user!,
				textIn(body.machine) || null
			))
		};
	});
