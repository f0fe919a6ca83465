import { error } from '@sveltejs/kit';
import { decide } from '$core/route/engine';
import { onPage } from '$core/route/on-page';
import { pageNumber } from '$lib/server/door/page';
import { loadSetup } from '$lib/server/setups/setups';

export async function load({ params }) {
	const loaded = await loadSetup(pageNumber(params.id));
	if (!loaded) error(404, { message: `There is no setup ${params.id}.` });
	return {
		facts: onPage(loaded.facts),
		decision: decide(loaded.facts),
		unreadable: loaded.unreadable,
		asOfToday: loaded.asOfToday
	};
}
