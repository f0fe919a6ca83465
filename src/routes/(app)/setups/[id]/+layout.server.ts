import { error } from '@sveltejs/kit';
import { decide } from '$core/route/engine';
import { pageNumber } from '$lib/server/door/page';
import { loadSetup } from '$lib/server/setups/setups';

export async function load({ params }) {
	const loaded = await loadSetup(pageNumber(params.id));
	if (!loaded) error(404, { message: `There is no setup ${params.id}.` });
	return { facts: loaded.facts, decision: decide(loaded.facts) };
}
