import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/drafts';

export async function load({ locals }) {
	if (locals.user!.role === 'viewer') error(403, { message: 'You may look but not record. Ask a lead for another role.' });
	return { draft: await draftOf(locals.user!.id, 'wheel-new') };
}
