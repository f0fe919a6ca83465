import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';

/** Steps that tell how far the rim runs out. */
export const readAt = ['runout', 'after', 'pencil', 'after-pencil', 'hand', 'after-hand'] as const;

/** Steps that say that it was trued, and what is left of it. */
export const truedAt = ['after', 'after-pencil', 'after-hand'] as const;

/** The last run-out read on this mount, by whatever read it; without loading what reads it. */
export function lastRunout(facts: SetupFacts): number | null {
	const read = Evidence.of(facts).newest('true', readAt);
	const tirUm = read?.parts.map((part) => part.output.tirUm).find((x) => typeof x === 'number');
	return tirUm ?? null;
}
