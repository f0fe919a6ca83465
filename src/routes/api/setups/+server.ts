import { BRIEF_FIELDS, type Brief } from '$core/route/steps/brief';
import { answering, bodyOf, keyOf } from '$lib/server/answer';
import { checked } from '$lib/server/joi-schema';
import { startSetup } from '$lib/server/work';

export const POST = ({ request, locals }) =>
	answering(async () => {
		const body = await bodyOf(request);
		const key = keyOf(body);
		return { id: await startSetup(checked<Brief>(BRIEF_FIELDS, body.values), locals.user!, key) };
	});
