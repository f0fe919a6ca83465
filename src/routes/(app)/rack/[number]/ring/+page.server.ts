import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { rackWheel } from '$lib/server/wheels/rack-wheel';

export async function load({ params, locals }) {
	if (locals.user!.role === 'viewer')
		error(403, { message: 'You may look but not record. Ask a lead for another role.' });
	const facts = await rackWheel(params.number);
	return { ...facts, draft: await draftOf(locals.user!.id, `ring-${facts.wheel.number}`) };
}
