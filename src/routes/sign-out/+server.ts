import { redirect } from '@sveltejs/kit';
import { takeSession } from '$lib/server/http/cookie';
import { signOut } from '$lib/server/people/sessions';

export async function POST({ cookies, locals, url }) {
	if (locals.token) await signOut(locals.token);
	takeSession(cookies, url);
	redirect(303, '/sign-in');
}
