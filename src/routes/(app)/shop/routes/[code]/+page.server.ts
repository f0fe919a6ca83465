import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { routeHistory } from '$lib/server/shop/route-templates';

export async function load({ params, locals }) {
	const history = await routeHistory(params.code.slice(0, 30));
	if (!history.length) error(404, { message: `There is no route ${params.code.slice(0, 30)}.` });
	return {
		history,
		lead: locals.user!.role === 'lead',
		draft: await draftOf(locals.user!.id, `route-${params.code.slice(0, 30)}`)
	};
}
