import { SHOP_KINDS } from '$core/shop/kinds';
import { formsNow } from '$lib/server/shop/forms';
import { guidelinesNow } from '$lib/server/shop/guidelines';
import { routes } from '$lib/server/shop/route-templates';
import { shopItems } from '$lib/server/shop/shop';

export async function load({ locals }) {
	const kinds = await Promise.all(
		SHOP_KINDS.map(async (k) => ({
			id: k.id,
			one: k.one,
			many: k.many,
			key: k.key,
			things: await shopItems(k)
		}))
	);
	const { tables, weights, points } = await guidelinesNow();
	return {
		tables: tables || weights ? 'changed by this shop' : 'as shipped',
		points: points.length,
		kinds,
		routes: await routes(),
		forms: await formsNow(),
		lead: locals.user!.role === 'lead'
	};
}
