import type { SetupFacts } from './setup.js';

/** Everything a finished setup is decided from, but for its records, which are kept one by one. */
export type ClosedFacts = Omit<SetupFacts, 'records' | 'sums' | 'named' | 'units'>;

/** Raised when a fact is added, renamed or taken away, with what is to be done about facts kept before in `UPGRADES`. */
export const FACTS_VERSION = 3;

type Kept = Record<string, unknown> & { factsVersion?: number };
/** From each version to the next. What was not known then is not made up. */
const UPGRADES: Readonly<Record<number, (kept: Kept) => Kept>> = {
	// There was no morning sheet, and times were told as the database keeps them.
	1: (kept) => ({ morning: null, morningWanted: false, timeZone: 'UTC', ...kept }),
	// Nobody was asked how the spindle is driven.
	2: (kept) => ({
		...kept,
		machine: { drive: null, plateRpm: null, mainsHz: null, ...(kept.machine as object) }
	})
};

/** A setup's facts as they are kept when it ends. */
export function closedFacts(facts: SetupFacts): ClosedFacts & { factsVersion: number } {
	const { records: _records, sums: _sums, named: _named, units: _units, ...rest } = facts;
	return { ...rest, morningWanted: false, factsVersion: FACTS_VERSION };
}

/** Facts as they were kept, whichever version kept them, as today's rules read them. */
export function upgradedFacts(kept: Kept): ClosedFacts {
	let facts = kept;
	for (let version = kept.factsVersion ?? 1; version < FACTS_VERSION; version++)
		facts = UPGRADES[version]!(facts);
	const { factsVersion: _version, ...rest } = facts;
	// Each upgrade makes of one version the next, so that what is left is today's.
	return rest as unknown as ClosedFacts;
}
