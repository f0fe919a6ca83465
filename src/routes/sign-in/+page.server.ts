import { text } from '../../core/calculation/field/index.js';
import { fail, redirect } from '@sveltejs/kit';
import { join } from 'node:path';
import { demoPins } from '$lib/server/demo/shop';
import { checked } from '$lib/server/door/joi-schema';
import { InputFault } from '$lib/server/door/refused';
import { SESSION_SECONDS, people, signIn } from '$lib/server/people/sign-in';

const FIELDS = [
	text('userId', 'Who you are', {
		required: true,
		pattern: '^\\d{1,9}$',
		patternSays: 'is not a name on the list',
		label: 'Name'
	}),
	text('pin', 'Yours', { required: true, maxLength: 12, label: 'PIN' })
] as const;

/** Only a path of this application, never another address. */
const inside = (to: string | null): string => (to && /^\/(?![/\\])[\w\-./?=&%]*$/.test(to) ? to : '/');

export async function load({ locals, url }) {
	if (locals.user) redirect(303, inside(url.searchParams.get('to')));
	return {
		people: (await people()).map(({ id, name, role }) => ({ id, name, role })),
		pins: process.env.UNCINUS_DEMO ? demoPins(join(process.env.UNCINUS_ROOT ?? '.', 'database/demo')) : []
	};
}

export const actions = {
	default: async ({ request, cookies, url }) => {
		const form = Object.fromEntries(await request.formData());
		const userId = String(form.userId ?? '');
		try {
			const values = checked(FIELDS, {
				userId,
				pin: String(form.pin ?? '')
			});
			const done = await signIn(Number(values.userId), values.pin);
			if ('problem' in done) return fail(400, { field: done.field, message: done.problem, userId });
			cookies.set('uncinus', done.token, {
				path: '/',
				httpOnly: true,
				sameSite: 'strict',
				secure: url.protocol === 'https:' && process.env.UNCINUS_HTTPS === '1',
				maxAge: SESSION_SECONDS
			});
		} catch (e) {
			if (e instanceof InputFault)
				return fail(400, {
					field: e.field,
					message: e.field === 'pin' ? 'Type your PIN.' : 'Pick your name.',
					userId
				});
			throw e;
		}
		redirect(303, inside(url.searchParams.get('to')));
	}
};
