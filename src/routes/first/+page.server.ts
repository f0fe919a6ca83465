import { fail, redirect } from '@sveltejs/kit';
import { timingSafeEqual } from 'node:crypto';
import { attempt } from '$core/calculation/attempt';
import { THE_SHOP_FIELDS } from '$core/shop/the-shop';
import { isZone } from '$core/numeric/zone';
import { pinFault } from '$core/shop/pin';
import { giveSession } from '$lib/server/http/cookie';
import { noForm, textsOf } from '$lib/server/http/form';
import { checked } from '$lib/server/http/joi-schema';
import { logger } from '$lib/server/http/logger';
import { nameShop } from '$lib/server/shop/the-shop';
import { openSession } from '$lib/server/people/sessions';
import { firstLead, people } from '$lib/server/people/sign-in';
import { NOBODY, lookedAt, waitWords } from '$lib/server/people/login-throttle';

const CODE = process.env.UNCINUS_FIRST_CODE ?? '';

export async function load() {
	if ((await people()).length) redirect(303, '/sign-in');
	return {};
}

const isCode = (given: string): boolean =>
	CODE !== '' && given.length === CODE.length && timingSafeEqual(Buffer.from(given), Buffer.from(CODE));

export const actions = {
	default: async ({ request, cookies, url, getClientAddress }) => {
		const form = await textsOf(request);
		if (!form) return noForm();
		const name = (form.name ?? '').trim();
		const no = (field: string, message: string) =>
			fail(400, {
				field,
				message,
				name,
				shop: form.shop ?? '',
				units: form.units ?? 'mm',
				timeZone: form.timeZone ?? 'UTC'
			});
		const address = getClientAddress();
		const code = (form.code ?? '').replace(/\s/g, '');
		const tried = await lookedAt(NOBODY, address, async () => isCode(code));
		if ('waitS' in tried) return no('code', `Too many wrong codes. ${waitWords(tried.waitS)}`);
		if (!tried.right) {
			logger.info({ event: 'wrong-first-code', address }, 'sign-in');
			return no('code', 'That is not the code. It stands in the window in which the server was started.');
		}
		const shop = attempt(() =>
			checked(THE_SHOP_FIELDS, { name: form.shop, units: form.units, timeZone: form.timeZone || 'UTC' })
		);
		if (shop.fault) return no(shop.fault.field === 'name' ? 'shop' : shop.fault.field, shop.fault.message);
		if (!isZone(form.timeZone || 'UTC'))
			return no('timeZone', 'That is no time zone known here. Pick one of the list, such as Europe/Berlin.');
		if (name.length < 2 || name.length > 60) return no('name', 'Type your name, first and last.');
		const fault = pinFault(form.pin ?? '');
		if (fault) return no('pin', fault);
		if (form.pin !== form.again) return no('again', 'The two PINs differ. Type it once more.');
		const user = await firstLead(name, form.pin!);
		if (!user) redirect(303, '/sign-in');
		await nameShop({ name: form.shop, units: form.units, timeZone: form.timeZone || 'UTC' }, user);
		logger.info({ event: 'first-lead', userId: user.id, name, address }, 'sign-in');
		giveSession(cookies, url, await openSession(user.id));
		redirect(303, '/');
	}
};
