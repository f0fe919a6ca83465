import { handleApi, bodyOf } from '$lib/server/http/answer';
import { keepRun } from '$lib/server/people/practice-stand';

/** A finished run at the practice stand. */
export const POST = ({ request, locals }) =>
	handleApi(async () => keepRun(await bodyOf(request), locals.user!));
