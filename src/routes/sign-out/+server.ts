import { redirect } from '@sveltejs/kit';
import { signOut } from '$lib/server/people/sign-in';

export async function POST({ cookies, locals }) {
	if (locals.token) await signOut(locals.token);
	cookies.delete('uncinus', { path: '/' });
	redirect(303, '/sign-in');
}
