import type { PoolConnection } from 'mysql2/promise';
import { CORE_VERSION } from '../../../core/calculations.js';
import { recordContext } from '../../../core/route/record-context.js';
import type { NewRecord } from '../../../core/route/apply-submission.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { addRecords } from '../storage/records.js';
import { keepFacts } from './kept-facts.js';
import type { User } from '../people/sign-in.js';

/** Keeps what a submission came to, in order; the number of the first record, its result. */
export async function keepRecords(
	facts: SetupFacts,
	records: readonly (NewRecord & { replacesId?: number })[],
	user: User,
	key: string,
	on: PoolConnection,
	enteredAtMs: number | null = null
): Promise<number> {
	const known = await keepFacts(recordContext(facts), on);
	return addRecords(
		records.map((r, ordinal) => ({
			...r,
			setupId: facts.id,
			machineId: facts.machine.id,
			coreVersion: CORE_VERSION,
			replacesId: r.replacesId ?? null,
			facts: known,
			userId: user.id,
			key,
			ordinal,
			enteredAtMs
		})),
		on
	);
}
