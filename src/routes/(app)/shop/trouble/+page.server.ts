import { draftOf } from '$lib/server/storage/drafts';
import { guidelineVersion, pointsHistory } from '$lib/server/shop/guidelines';

export async function load({ locals }) {
	return {
		history: await pointsHistory(),
		version: await guidelineVersion('points'),
		draft: await draftOf(locals.user!.id, 'points'),
		lead: locals.user!.role === 'lead'
	};
}
