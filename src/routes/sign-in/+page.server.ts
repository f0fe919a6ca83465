import { fail, redirect } from '@sveltejs/kit';
import { join } from 'node:path';
import { demoPins } from '$lib/server/demo/shop';
import { giveSession } from '$lib/server/http/cookie';
import { noForm, textsOf } from '$lib/server/http/form';
import { inside } from '$lib/server/http/inside';
import { theShop } from '$lib/server/shop/the-shop';
import { signOut } from '$lib/server/people/sessions';
import { people, signIn } from '$lib/server/people/sign-in';

const LONGEST_PIN = 12;

export async function load({ locals, url }) {
	if (locals.user) redirect(303, inside(url.searchParams.get('to')));
	const list = await people();
	if (!list.length) redirect(303, '/first');
	return {
		people: list,
		shop: (await theShop()).name,
		// Whose screen it was when it was left.
		last: locals.lockedUser?.id ?? null,
		pins: process.env.UNCINUS_DEMO ? demoPins(join(process.env.UNCINUS_ROOT ?? '.', 'database/demo')) : []
	};
}

export const actions = {
	default: async ({ request, cookies, url, locals, getClientAddress }) => {
		const form = await textsOf(request);
		if (!form) return noForm();
		const userId = form.userId ?? '';
		const pin = form.pin ?? '';
		if (!/^\d{1,9}$/.test(userId))
			return fail(400, { field: 'userId', message: 'Pick your name.', userId: '' });
		if (!pin || pin.length > LONGEST_PIN)
			return fail(400, { field: 'pin', message: 'Type your PIN.', userId });
		const done = await signIn(Number(userId), pin, getClientAddress());
		if ('problem' in done) return fail(400, { field: done.field, message: done.problem, userId });
		// Another person at the same screen: what was open there ends.
		if (locals.token) await signOut(locals.token);
		giveSession(cookies, url, done.token);
		redirect(303, inside(url.searchParams.get('to')));
	}
};
