import { redirect } from '@sveltejs/kit';
import { IDLE_SECONDS } from '$lib/server/people/sessions';
import { simulatorsAllowed } from '$lib/server/shop/simulators';
import { theShop } from '$lib/server/shop/the-shop';
import { limitsNow } from '$lib/server/shop/guidelines';

/** What every page may ask: who is here, and the shop's limits and usual values. */
export async function load({ locals, url }) {
	if (!locals.user) redirect(303, `/sign-in?to=${encodeURIComponent(url.pathname)}`);
	return {
		user: { ...locals.user, mustChange: locals.mustChange },
		limits: await limitsNow(),
		idleS: IDLE_SECONDS,
		simulators: simulatorsAllowed(),
		shop: await theShop()
	};
}
