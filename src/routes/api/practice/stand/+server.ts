import { answering, bodyOf } from '$lib/server/answer';
import { keepRun } from '$lib/server/practice-stand';

/** A finished run at the practice stand. */
export const POST = ({ request, locals }) =>
	answering(async () => keepRun(await bodyOf(request), locals.user!));
