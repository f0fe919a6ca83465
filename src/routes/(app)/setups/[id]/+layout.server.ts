import { error } from '@sveltejs/kit';
import { pageNumber } from '$lib/server/http/page';
import { setupPage } from '$lib/server/setups/setup-page';

export async function load({ params }) {
	const page = await setupPage(pageNumber(params.id));
	if (!page) error(404, { message: `There is no setup ${params.id}.` });
	return page;
}
