import { answering, bodyOf } from '$lib/server/door/answer';
import { keepRun } from '$lib/server/people/practice-stand';

/** A finished run at the practice stand. */
export const POST = ({ request, locals }) =>
	answering(async () => keepRun(await bodyOf(request), locals.user!));
