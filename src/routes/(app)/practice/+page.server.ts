import { scores } from '$lib/server/people/practice';
import { bestRuns } from '$lib/server/people/practice-stand';

export const load = async ({ locals }) => ({
	scores: await scores(),
	stand: await bestRuns(200),
	me: locals.user!.name
});
