import { handleApi, bodyOf, enteredAtOf, idOf, keyOf } from '$lib/server/http/answer';
import { openIncident } from '$lib/server/setups/open-incident';

/** Something is wrong: stops the setup and opens the plan. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		const by = body.pressedBy;
		// Pressed where the network was away, by whoever saw it; whoever connects next hands it in.
		const pressed =
			typeof by === 'number' && Number.isSafeInteger(by) && by > 0 ? { by, atMs: enteredAtOf(body) } : null;
		const id = idOf(params.id, 'setup');
		return { id: await openIncident(id, body.values, keyOf(body), locals.user!, pressed) };
	});
