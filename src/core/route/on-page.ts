import { Evidence } from './evidence.js';
import type { RecordFacts, SetupFacts } from './facts.js';

/** Entries in the ledger that a page lists; the wheel's own page has them all. */
const LISTED = 8;

/** What is long and never looked at on the page of a setup: the same form in every record of it, programs, measured points. */
const LEFT_OUT: Readonly<Record<string, readonly string[]>> = {
	'form.check-profile': ['segments'],
	'form.tool-path': ['segments', 'sampleXMm'],
	'form.mirror': ['segments'],
	'form.passes': ['segments', 'segmentBites', 'segmentFeeds'],
	'form.gcode': ['segments', 'remainingUm', 'text'],
	'form.compare-measured': ['segments', 'points', 'csv']
};
const without = <T extends object>(from: T, names: readonly string[]): T =>
	// Only what nobody on a page asks for is left out, so what is left is used as what it was.
	Object.fromEntries(Object.entries(from).filter(([name]) => !names.includes(name))) as T;

/** A record as it is sent to a page. The form itself stands in what was entered for its shape. */
function shortened(r: RecordFacts): RecordFacts {
	const names = LEFT_OUT[r.calculation];
	if (!names) return r;
	const entered = r.step === 'shape' ? r.entered : without(r.entered, names);
	return { ...r, entered, input: without(r.input, names), output: without(r.output, names) };
}

/** What a page needs of a setup: what stands and the sums, not everything that ever was. It decides the same as the whole. */
export function onPage(facts: SetupFacts): SetupFacts {
	const standing = Evidence.of(facts).records();
	const known = new Set(standing.map((r) => r.id));
	const entries = facts.records.filter((r) => r.station === 'keep' && r.step === 'entry').slice(-LISTED);
	const records = [...standing, ...entries.filter((r) => !known.has(r.id))].sort((a, b) => a.id - b.id);
	return { ...facts, records: records.map(shortened) };
}
