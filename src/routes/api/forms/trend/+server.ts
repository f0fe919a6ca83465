import { json } from '@sveltejs/kit';
import { couponTrend } from '$lib/server/shop/forms';

/** What coupons showed of forms made with a dresser, the newest first. */
export const GET = async ({ url }) =>
	json({ coupons: await couponTrend((url.searchParams.get('dresser') ?? '').slice(0, 20)) });
