import { redirect } from '@sveltejs/kit';

export function load({ locals, url }) {
	if (!locals.user) redirect(303, `/sign-in?to=${encodeURIComponent(url.pathname)}`);
	return { user: { name: locals.user.name, role: locals.user.role } };
}
