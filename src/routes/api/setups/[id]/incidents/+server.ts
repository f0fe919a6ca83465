import { answering, bodyOf, idOf, keyOf } from '$lib/server/door/answer';
import { openIncident } from '$lib/server/setups/incidents';

/** Something is wrong: stops the setup and opens the plan. */
export const POST = ({ params, request, locals }) =>
	answering(async () => {
		const body = await bodyOf(request);
		return { id: await openIncident(idOf(params.id, 'setup'), body.values, keyOf(body), locals.user!) };
	});
