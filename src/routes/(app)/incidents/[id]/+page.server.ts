import { error } from '@sveltejs/kit';
import { incidentPlan } from '$core/keep/incident-plan';
import { draftOf } from '$lib/server/storage/drafts';
import { incidentById, recordsOfIncident } from '$lib/server/setups/incidents';
import { pageNumber } from '$lib/server/http/page';

export async function load({ params, locals }) {
	const incident = await incidentById(pageNumber(params.id));
	if (!incident) error(404, { message: `There is no incident ${params.id}.` });
	// Who ticked a step first is read from the records: they are what is kept.
	const signed: Record<string, { by: string; atMs: number }> = {};
	for (const r of await recordsOfIncident(incident))
		for (const code of (r.input.done ?? []) as string[]) signed[code] ??= { by: r.by, atMs: r.atMs };
	return {
		signed,
		incident,
		plan: incidentPlan.run(incident.input),
		role: locals.user!.role,
		draft: await draftOf(locals.user!.id, `incident-${incident.id}`)
	};
}
