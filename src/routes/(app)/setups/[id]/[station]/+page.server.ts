import { error } from '@sveltejs/kit';
import { rankFor } from '$core/route/steps/select';
import { draftOf } from '$lib/server/drafts';
import { pageNumber } from '$lib/server/page';
import { loadSetup } from '$lib/server/setups';
import { allWheels } from '$lib/server/wheels';
import type { StationId } from '$core/route/facts';

export async function load({ params, locals }) {
	const id = pageNumber(params.id);
	const loaded = await loadSetup(id);
	if (!loaded) error(404, { message: `There is no setup ${id}.` });
	const station = params.station as StationId;
	if (!loaded.facts.stations.includes(station)) error(404, { message: `${params.station} is not on the route of this setup.` });
	const drafts: Record<string, Record<string, unknown> | null> = {};
	for (const step of ['', '-plan', '-after', '-position', '-done', '-ring', '-fit', '-thread', '-start', '-outcome', '-move']) drafts[`${station}${step}`] = await draftOf(locals.user!.id, `setup-${id}-${station}${step}`);
	if (station !== 'select') return { station, drafts, rack: null };
	const wheels = await allWheels();
	return { station, drafts, rack: { ranking: rankFor(loaded.facts, wheels), wheels: wheels.map((w) => ({ ...w })) } };
}
