import { handleApi, bodyOf, idOf, keyOf, versionOf } from '$lib/server/http/answer';
import { workIncident } from '$lib/server/setups/work-incident';

/** Books steps and findings of an incident plan, or closes it. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		const body = await bodyOf(request);
		await workIncident(
			idOf(params.id, 'incident'),
			{
				done: body.done,
				findings: body.findings,
				close: body.close === true,
				version: versionOf(body),
				key: keyOf(body)
			},
			locals.user!
		);
		return { ok: true };
	});
