import { Evidence, type Recorded } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';

/** Steps that read the rim with an indicator or by the length of a pencil line. */
const MEASURED = ['runout', 'after', 'pencil', 'after-pencil'] as const;

/** Steps that say that it was trued, and what is left of it. */
export const truedAt = ['after', 'after-pencil', 'after-hand'] as const;

/**
 * What is known of the rim on this mount: what was recorded last. A line closed by hand cuts nothing, so that it counts only where
 * nothing was measured since the rim was cut: it never makes a reading better.
 */
export function readThatCounts(evidence: Evidence): Recorded | null {
	const [measured, cut, line] = [
		evidence.newest('true', MEASURED),
		evidence.named('true', 'after-hand'),
		evidence.named('true', 'hand')
	];
	const counts = cut && (!measured || cut.id > measured.id) ? cut : measured;
	return line && (!counts || (counts === cut && line.id > cut.id)) ? line : counts;
}

/** The last run-out known on this mount, by whatever told it; without loading what reads it. */
export function lastRunout(facts: SetupFacts): number | null {
	const read = readThatCounts(Evidence.of(facts));
	const tirUm = read?.parts.map((part) => part.output.tirUm).find((x) => typeof x === 'number');
	return tirUm ?? null;
}
