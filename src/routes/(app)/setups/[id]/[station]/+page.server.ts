import { error } from '@sveltejs/kit';
import type { StationId } from '$core/route/station-names';
import { draftsOf } from '$lib/server/storage/drafts';
import { helpedOn, shopBaselines } from '$lib/server/shop/shop-baselines';
import { bookOfWheel } from '$lib/server/wheels/wheel-book';
import { rankRackForSetup } from '$lib/server/setups/rank-rack-for-setup';

/** What a bench needs beside the setup itself: what this person has typed there, for Select the rack, for Keep the wheel's book. */
export async function load({ params, locals, parent }) {
	const [{ facts }, drafts] = [
		await parent(),
		await draftsOf(locals.user!.id, `setup-${Number(params.id) || 0}-`)
	];
	const station = params.station as StationId;
	if (!facts.stations.includes(station))
		error(404, { message: `${params.station.slice(0, 20)} is not on the route of this setup.` });
	return {
		station,
		drafts,
		rack: station === 'select' ? await rankRackForSetup(facts) : null,
		book: station === 'keep' && facts.wheel ? await bookOfWheel(facts.wheel) : null,
		helped: station === 'keep' || station === 'prove' ? await helpedOn(facts.machine.id) : [],
		ours:
			station === 'keep' || station === 'prove'
				? await shopBaselines(facts.machine.id, facts.wheel?.canonical ?? null)
				: null
	};
}
