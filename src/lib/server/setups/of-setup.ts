import { recordContext } from '../../../core/route/record-context.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { User } from '../people/sign-in.js';
import type { RecordOf } from '../storage/keep-records.js';
import type { Runner } from '../storage/pool.js';
import { keepFacts } from './kept-facts.js';

/** What a record of a setup is about: with it goes what it was made with, as it stood at that moment. */
export const ofSetup = async (
	facts: SetupFacts,
	user: Pick<User, 'id'>,
	sent: { key: string; enteredAtMs?: number | null },
	on: Runner
): Promise<RecordOf> => ({
	setupId: facts.id,
	machineId: facts.machine.id,
	facts: await keepFacts(recordContext(facts), on),
	userId: user.id,
	key: sent.key,
	enteredAtMs: sent.enteredAtMs ?? null
});
