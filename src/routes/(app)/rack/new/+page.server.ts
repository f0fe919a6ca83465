import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { today } from '$lib/server/storage/today';

export async function load({ locals }) {
	if (locals.user!.role === 'viewer')
		error(403, { message: 'You may look but not record. Ask a lead for another role.' });
	const [draft, look] = await Promise.all([
		draftOf(locals.user!.id, 'wheel-new'),
		draftOf(locals.user!.id, 'wheel-new-look')
	]);
	return { draft, look, today: await today() };
}
