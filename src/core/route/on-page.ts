import { Evidence } from './evidence.js';
import type { SetupFacts } from './facts.js';

/** Entries in the ledger that a page lists; the wheel's own page has them all. */
const LISTED = 8;

/** What a page needs of a setup: what stands and the sums, not everything that ever was. It decides the same as the whole. */
export function onPage(facts: SetupFacts): SetupFacts {
	const standing = Evidence.of(facts).records();
	const known = new Set(standing.map((r) => r.id));
	const entries = facts.records.filter((r) => r.station === 'keep' && r.step === 'entry').slice(-LISTED);
	const records = [...standing, ...entries.filter((r) => !known.has(r.id))].sort((a, b) => a.id - b.id);
	return { ...facts, records };
}
