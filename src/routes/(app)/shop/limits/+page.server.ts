import { draftsOf } from '$lib/server/storage/drafts';
import { beyondInWords, guidelineVersion, limitsHistory } from '$lib/server/shop/guidelines';

export async function load({ locals }) {
	return {
		history: await limitsHistory(),
		beyond: await beyondInWords(),
		version: await guidelineVersion('limits'),
		drafts: await draftsOf(locals.user!.id, 'limits-'),
		lead: locals.user!.role === 'lead'
	};
}
