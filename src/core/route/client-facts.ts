import { rulesOf } from './define-step.js';
import { Evidence } from './evidence.js';
import type { RecordFacts } from '../facts/records.js';
import type { SetupFacts } from '../facts/setup.js';

/** What a page needs of a setup: what stands and the sums, not everything that ever was. It decides the same as the whole. */
export function toClientFacts(facts: SetupFacts): SetupFacts {
	const standing = [...Evidence.of(facts).records()].sort((a, b) => a.id - b.id);
	// What was recorded in one go was entered once: it is sent once, under a short name.
	const told = new Map<string, { name: string; entered: RecordFacts['entered'] }>();
	const records = standing.map((record): RecordFacts => {
		const { entered, input, output } = record;
		const rules = rulesOf(record);
		const own = rules.clientFacts?.({ entered, input, output }) ?? { entered, input, output };
		const key = `${record.together} ${record.step}`;
		const first = told.get(key) ?? { name: String(told.size), entered: own.entered };
		told.set(key, first);
		const { id, station, step, calculation, verdict, overrideReason, wheelId, by, atMs } = record;
		return {
			...{ id, station, step, calculation, verdict, overrideReason, wheelId, by, atMs },
			...own,
			entered: sameEntered(first.entered, own.entered) ? first.entered : own.entered,
			together: first.name,
			standsAs: rules.keyedBy?.(entered, facts.wheel?.number ?? '') ?? null
		};
	});
	return { ...facts, records };
}
/** What was left out of one part may stand in another. */
const sameEntered = (a: RecordFacts['entered'], b: RecordFacts['entered']): boolean =>
	Object.keys(a).length === Object.keys(b).length;
