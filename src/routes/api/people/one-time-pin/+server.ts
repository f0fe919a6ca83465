import { handleApi, bodyOf, textIn } from '$lib/server/http/answer';
import { giveOneTimePin } from '$lib/server/people/pins';

/** A PIN for one time, told once to the lead who asked for it. */
export const POST = ({ request, locals }) =>
	handleApi(async () => ({ pin: await giveOneTimePin(textIn((await bodyOf(request)).name), locals.user!) }));
