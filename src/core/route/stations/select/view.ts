import type { OutputOf } from '../../../calculation/define.js';
import { type RackRow, type RankedMany, rankMany } from '../../../spec/rank-many.js';
import type { rankRack } from '../../../spec/rank-rack.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import type { Computed } from '../../result.js';
import { type Ranked, askedOf, rankFor } from './steps.js';

export interface SelectView extends Omit<RankedMany, 'best'> {
	/** What is shown of the ranking, with its working. */
	ranking: Computed<OutputOf<typeof rankRack>>;
	ranked: Ranked[];
	wheels: WheelFacts[];
}
/** How many are looked at: of the best, and of those ruled out. */
const MAX = { best: 40, excluded: 120 };

/** Which wheels a person looks at when choosing for a setup: the best, the first of those ruled out, and counts of all. */
export function lookedAt(
	facts: SetupFacts,
	rack: Iterable<RackRow>,
	heldBy: ReadonlyMap<string, number>
): RankedMany {
	const elsewhere = (id: string) => heldBy.has(id) && heldBy.get(id) !== facts.id;
	return rankMany(askedOf(facts), rack, elsewhere, MAX);
}

/** Numbers of the wheels that are shown; the one the setup has taken is among them. */
export const shownNumbers = (facts: SetupFacts, looked: RankedMany): string[] => [
	...new Set([
		...looked.best,
		...(facts.wheel ? [facts.wheel.number] : []),
		...[...looked.excluded, ...looked.near].map((x) => x.id)
	])
];

/** What Select shows: the wheels looked at, ranked with every part of their points. */
export function selectView(facts: SetupFacts, looked: RankedMany, wheels: readonly WheelFacts[]): SelectView {
	const { best: _best, ...told } = looked;
	const full = rankFor(facts, wheels);
	const out = new Set([...looked.excluded, ...looked.near].map((x) => x.id));
	const ranked = full.output.ranked.filter((r) => !out.has(r.id));
	return {
		...told,
		ranking: {
			...full,
			output: { ...full.output, ranked, excluded: told.excluded, bestId: ranked[0]?.id ?? null }
		},
		ranked,
		wheels: [...wheels]
	};
}
