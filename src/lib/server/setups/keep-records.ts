import type { PoolConnection } from 'mysql2/promise';
import { CORE_VERSION } from '../../../core/calculations.js';
import type { NewRecord } from '../../../core/route/carry-out.js';
import type { SetupFacts } from '../../../core/route/facts.js';
import { addRecord } from '../db/records.js';
import type { User } from '../people/sign-in.js';

/** Keeps what a submission came to, in order; the number of the first record, its result. */
export async function keepRecords(
	facts: Pick<SetupFacts, 'id' | 'machine'>,
	records: readonly (NewRecord & { replacesId?: number })[],
	user: User,
	key: string,
	on: PoolConnection
): Promise<number> {
	let first = 0;
	for (const [ordinal, r] of records.entries()) {
		const id = await addRecord(
			{
				...r,
				setupId: facts.id,
				machineId: facts.machine.id,
				coreVersion: CORE_VERSION,
				replacesId: r.replacesId ?? null,
				userId: user.id,
				key,
				ordinal
			},
			on
		);
		first ||= id;
	}
	return first;
}
