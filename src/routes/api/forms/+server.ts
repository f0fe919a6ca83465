import { json } from '@sveltejs/kit';
import { formsNow } from '$lib/server/shop/forms';

/** Forms of the library, each in its newest version. */
export const GET = async () => json({ forms: await formsNow() });
