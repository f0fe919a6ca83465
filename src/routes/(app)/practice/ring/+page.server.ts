import { randomInt } from 'node:crypto';
import { scoreOf } from '$lib/server/people/practice';

/** A wheel nobody has heard yet, and how this person has done so far. */
export const load = async ({ locals }) => ({
	seed: randomInt(1, 2 ** 31),
	score: await scoreOf(locals.user!.id)
});
