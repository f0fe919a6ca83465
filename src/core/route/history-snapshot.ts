import { Evidence } from './evidence.js';
import type { SetupFacts } from '../facts/setup.js';
import type { Sums } from './sums.js';

/** What goes on counting of the records up to one of them: those that stand and the sums over all. It decides the same as the whole. */
export interface HistorySnapshot {
	/** Who worked it out: other rules may let other records stand. */
	core: string;
	/** For the wheel that was taken then. */
	wheelId: number | null;
	/** The last record that is in it. */
	upTo: number;
	ids: readonly number[];
	sums: Sums;
}

/**
 * What is kept of a setup's history: what stands for its wheel, everything of another wheel (it may be taken again), and what once cured a
 * trouble.
 */
export function snapshotOf(facts: SetupFacts, core: string): HistorySnapshot {
	const standing = new Set(Evidence.of(facts).records());
	const wheelId = facts.wheel?.id ?? null;
	const kept = facts.records.filter(
		(record) =>
			standing.has(record) || (record.wheelId !== null && record.wheelId !== wheelId) || record.entered.helped
	);
	return {
		core,
		wheelId,
		upTo: facts.records.at(-1)?.id ?? 0,
		ids: kept.map((record) => record.id),
		sums: facts.sums
	};
}
