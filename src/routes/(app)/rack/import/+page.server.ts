import { error } from '@sveltejs/kit';

export function load({ locals }) {
	if (locals.user!.role === 'viewer')
		error(403, { message: 'You may look but not record. Ask a lead for another role.' });
}
