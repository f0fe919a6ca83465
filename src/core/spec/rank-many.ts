import { FirstOf } from '../numeric/first-of.js';
import { nearestExcluded, troubleOf } from './nearest-excluded.js';
import { type Candidate, type Seat, codesOf, ruledOut } from './rank-exclusions.js';
import {
	type JobWish,
	type Part,
	type WheelFacts,
	betterFirst,
	partsFor,
	scorePoints,
	weightsOf
} from './rank-score.js';

/** A wheel as ranking needs it; checked once, when it is kept. */
export type RackRow = Candidate & WheelFacts;

export interface RankAsked {
	today: string;
	job: JobWish;
	machine: Seat;
	weights: Partial<Record<Part, number | null>> | null;
}
export interface Excluded {
	id: string;
	codes: readonly string[];
}
/** A large rack ranked, as much of it as anybody looks at. */
export interface RankedMany {
	/** The best that may go on and are free, best first. */
	best: string[];
	/** The first of those ruled out, by number; those that only another setup holds come before the others. */
	excluded: Excluded[];
	/** Those ruled out for which least would have to be done. */
	near: Excluded[];
	/** How many are ruled out, by their first reason, and in all. */
	counts: [string, number][];
	out: number;
}
const HELD: readonly string[] = Object.freeze(['held']);
const NEAR = 3;

/** Wheels that are ruled out for the same reasons. */
interface Group {
	codes: readonly string[];
	rows: RackRow[];
}

/**
 * Ranks a large rack by the same rules and points as `spec.rank-rack`, without checking rows that were checked when they were kept and
 * without saying of every wheel what is only looked at for a few. `elsewhere` says which wheels another setup holds.
 * @throws InputFault on weights that do not add up
 */
export function rankMany(
	asked: RankAsked,
	rack: Iterable<RackRow>,
	elsewhere: (id: string) => boolean,
	most: { best: number; excluded: number }
): RankedMany {
	const weights = weightsOf(asked.weights);
	const judged = ruledOut(asked.today, asked.machine, asked.job.minWidthMm);
	const scored = partsFor(asked.job, asked.machine.maxDiameterMm);
	const best = new FirstOf<{ id: string; scorePoints: number; life: number }>(most.best, betterFirst);
	const held: Group = { codes: HELD, rows: [] };
	const byReasons: Group[] = [];
	for (const w of rack) {
		const reasons = judged(w);
		if (reasons) (byReasons[reasons] ??= { codes: codesOf(reasons), rows: [] }).rows.push(w);
		else if (elsewhere(w.id)) held.rows.push(w);
		else {
			const parts = scored(w);
			best.offer({ id: w.id, scorePoints: scorePoints(parts, weights), life: parts.life });
		}
	}
	const groups = [held, ...byReasons.filter(Boolean)].filter((g) => g.rows.length);
	return {
		best: best.list.map(({ id }) => id),
		excluded: firstOf(groups, most.excluded),
		near: nearestOf(groups, asked.machine.boreMm, (w) => scorePoints(scored(w), weights)),
		counts: countsOf(groups),
		out: groups.reduce((n, g) => n + g.rows.length, 0)
	};
}

/** How many there are by their first reason, most first. */
function countsOf(groups: readonly Group[]): [string, number][] {
	const counts = new Map<string, number>();
	for (const { codes, rows } of groups) counts.set(codes[0]!, (counts.get(codes[0]!) ?? 0) + rows.length);
	return [...counts].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1));
}

/** The first by number, those that only another setup holds before the others. */
function firstOf(groups: readonly Group[], most: number): Excluded[] {
	const first = new FirstOf<Excluded>(
		most,
		(a, b) => +(b.codes === HELD) - +(a.codes === HELD) || (a.id < b.id ? -1 : 1)
	);
	for (const { codes, rows } of groups) for (const { id } of rows) first.offer({ id, codes });
	return first.list;
}

/** Those for which least would have to be done. Only groups that are no more trouble than enough others are looked into. */
function nearestOf(groups: readonly Group[], seatMm: number, points: (w: RackRow) => number): Excluded[] {
	const told = groups.flatMap(({ codes, rows }): Group[] => {
		if (!codes.includes('bore-mismatch')) return [{ codes, rows }];
		// A bore below the seat is never enlarged, one above it can be bushed.
		const small = codes.map((code) => (code === 'bore-mismatch' ? 'bore-too-small' : code));
		return [
			{ codes: small, rows: rows.filter((row) => row.boreMm < seatMm) },
			{ codes, rows: rows.filter((row) => row.boreMm >= seatMm) }
		];
	});
	const byTrouble = told
		.map((g) => ({ ...g, trouble: troubleOf(g.codes) }))
		.filter((g) => g.rows.length && g.trouble < Infinity)
		.sort((a, b) => a.trouble - b.trouble);
	let [enough, most] = [0, 0];
	for (const g of byTrouble) {
		if (enough >= NEAR) break;
		enough += g.rows.length;
		most = g.trouble;
	}
	const some = byTrouble.filter((g) => g.trouble <= most);
	const list = some.flatMap(({ codes, rows }) => rows.map((row) => ({ id: row.id, codes, row })));
	return nearestExcluded(list, NEAR, (x) => points(x.row)).map(({ id, codes }) => ({ id, codes }));
}
