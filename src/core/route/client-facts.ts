import { Evidence } from './evidence.js';
import type { RecordFacts, SetupFacts } from './facts.js';

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

/** Of each pass of a form a page asks only what is left after it. */
function passesOf(output: Record<string, unknown>): Record<string, unknown> {
	const { passes } = output;
	return Array.isArray(passes)
		? { ...output, passes: passes.map(({ remainingUm }: Record<string, unknown>) => ({ remainingUm })) }
		: output;
}

/** A record as it is sent to a page. The form itself stands in what was entered for its shape. */
function shortened(record: RecordFacts): Pick<RecordFacts, 'entered' | 'input' | 'output'> {
	const { entered, input, output } = record;
	const names = LEFT_OUT[record.calculation];
	if (!names) return { entered, input, output };
	const left = without(output, names);
	return {
		entered: record.step === 'shape' ? entered : without(entered, names),
		input: without(input, names),
		output: record.calculation === 'form.passes' ? passesOf(left) : left
	};
}

/** What a page needs of a setup: what stands and the sums, not everything that ever was. It decides the same as the whole. */
export function toClientFacts(facts: SetupFacts): SetupFacts {
	const standing = [...Evidence.of(facts).records()].sort((a, b) => a.id - b.id);
	// What was recorded in one go was entered once: it is sent once, under a short name.
	const told = new Map<string, { name: string; entered: RecordFacts['entered'] }>();
	const records = standing.map((r): RecordFacts => {
		const own = shortened(r);
		const key = `${r.together} ${r.step}`;
		const first = told.get(key) ?? { name: String(told.size), entered: own.entered };
		told.set(key, first);
		const { id, station, step, calculation, verdict, overrideReason, wheelId, by, atMs } = r;
		return {
			...{ id, station, step, calculation, verdict, overrideReason, wheelId, by, atMs },
			...own,
			entered: sameEntered(first.entered, own.entered) ? first.entered : own.entered,
			together: first.name
		};
	});
	return { ...facts, records };
}
/** What was left out of one part may stand in another. */
const sameEntered = (a: RecordFacts['entered'], b: RecordFacts['entered']): boolean =>
	Object.keys(a).length === Object.keys(b).length;
