import { CORE_VERSION } from '../../../core/calculations.js';
import type { NewRecord } from '../../../core/route/apply-submission.js';
import { addRecords } from './records.js';
import type { Runner } from './pool.js';

/** What a record is about, and who made it. */
export interface RecordOf {
	/** Null at the rack, and for what is of a machine or told after a setup has ended. */
	setupId: number | null;
	machineId: number | null;
	/** Under what hash the facts of that moment are kept; null where none are. */
	facts: string | null;
	userId: number;
	key: string;
	/** When it was entered, where it waited for the network. */
	enteredAtMs?: number | null;
}

/** Keeps what was recorded in one go, in order; the number of the first record, its result. Every record comes through here. */
export const keepRecords = (
	records: readonly (NewRecord & { replacesId?: number })[],
	of: RecordOf,
	on: Runner
): Promise<number> =>
	addRecords(
		records.map((record, ordinal) => ({
			...record,
			...of,
			coreVersion: CORE_VERSION,
			replacesId: record.replacesId ?? null,
			ordinal
		})),
		on
	);
