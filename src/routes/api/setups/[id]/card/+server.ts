import { error } from '@sveltejs/kit';
import { decide } from '$core/route/engine';
import { pageNumber } from '$lib/server/door/page';
import { setupCard } from '$lib/server/print/setup-card';
import { loadSetup } from '$lib/server/setups/setups';

/** The setup on one page, to print. */
export async function GET({ params, url }) {
	const loaded = await loadSetup(pageNumber(params.id));
	if (!loaded) error(404, { message: `There is no setup ${params.id}.` });
	return new Response(new Uint8Array(await setupCard(loaded.facts, decide(loaded.facts), url.origin)), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `inline; filename="setup-${loaded.facts.id}.pdf"`
		}
	});
}
