import { error } from '@sveltejs/kit';
import { incidentPlan } from '$core/keep/incident-plan';
import { draftOf } from '$lib/server/drafts';
import { incidentById } from '$lib/server/incidents';
import { pageNumber } from '$lib/server/page';

export async function load({ params, locals }) {
	const incident = await incidentById(pageNumber(params.id));
	if (!incident) error(404, { message: `There is no incident ${params.id}.` });
	return { incident, plan: incidentPlan.run(incident.input), role: locals.user!.role, draft: await draftOf(locals.user!.id, `incident-${incident.id}`) };
}
