import { scores } from '$lib/server/practice';

export const load = async ({ locals }) => ({ scores: await scores(), me: locals.user!.name });
