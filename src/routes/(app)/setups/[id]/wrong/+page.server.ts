import { draftOf } from '$lib/server/storage/drafts';

export async function load({ params, locals }) {
	return { draft: await draftOf(locals.user!.id, `setup-${params.id}-wrong`) };
}
