import { error } from '@sveltejs/kit';
import { CALCULATIONS } from '$core/calculations';
import { draftOf } from '$lib/server/storage/drafts';

export async function load({ params, locals }) {
	if (!CALCULATIONS.some((calculation) => calculation.id === params.id))
		error(404, { message: `There is no bench ${params.id.slice(0, 40)}.` });
	return { id: params.id, draft: await draftOf(locals.user!.id, `bench-${params.id}`) };
}
