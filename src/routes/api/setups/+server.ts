import { BRIEF_FIELDS } from '$core/route/stations/brief/steps';
import { handleApi, bodyOf, keyOf } from '$lib/server/http/answer';
import { checked } from '$lib/server/http/joi-schema';
import { startSetup } from '$lib/server/setups/start';

export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		const key = keyOf(body);
		return { id: await startSetup(checked(BRIEF_FIELDS, body.values), locals.user!, key) };
	});
