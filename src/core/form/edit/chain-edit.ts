import type { RawSegment } from '../profile/chain.js';

/**
 * Edits of a form that keep it hanging together: each gives a new list and leaves the old one as it was. A vertex is counted from the left:
 * 0 is where the form begins, k the end of segment k - 1.
 */
type List = readonly RawSegment[];

/** A vertex put somewhere else; both segments that meet there go with it. */
export function vertexMoved(list: List, vertex: number, zMm: number, xMm: number): RawSegment[] {
	return list.map((segment, k) => ({
		...segment,
		...(k === vertex - 1 ? { z1Mm: zMm, x1Mm: xMm } : {}),
		...(k === vertex ? { z0Mm: zMm, x0Mm: xMm } : {})
	}));
}

/** A segment cut in two at its middle; both halves are straight. */
export function segmentSplit(list: List, index: number): RawSegment[] {
	const s = list[index];
	if (!s) return [...list];
	const [z, x] = [(s.z0Mm + s.z1Mm) / 2, (s.x0Mm + s.x1Mm) / 2];
	const line = { kind: 'line' as const, radiusMm: null, side: null };
	return [
		...list.slice(0, index),
		{ ...s, ...line, z1Mm: z, x1Mm: x },
		{ ...s, ...line, z0Mm: z, x0Mm: x },
		...list.slice(index + 1)
	];
}

/** A segment taken out; what follows begins where it began. The last one of a form stays. */
export function segmentOut(list: List, index: number): RawSegment[] {
	const s = list[index];
	if (!s || list.length < 2) return [...list];
	return list
		.map((next, k) => (k === index + 1 ? { ...next, z0Mm: s.z0Mm, x0Mm: s.x0Mm } : next))
		.filter((_, k) => k !== index);
}

/** One more straight segment at the right end, as long as the form asks for. */
export function segmentAdded(list: List, lengthMm = 5): RawSegment[] {
	const last = list.at(-1);
	const [z, x] = last ? [last.z1Mm, last.x1Mm] : [0, 0];
	return [
		...list,
		{ kind: 'line', z0Mm: z, x0Mm: x, z1Mm: z + lengthMm, x1Mm: x, radiusMm: null, side: null }
	];
}

/** Seen from the other side: left and right change places. */
export function turnedRound(list: List): RawSegment[] {
	const ends = list.flatMap((segment) => [segment.z0Mm, segment.z1Mm]);
	const both = Math.min(...ends) + Math.max(...ends);
	return [...list].reverse().map((segment) => ({
		...segment,
		z0Mm: both - segment.z1Mm,
		x0Mm: segment.x1Mm,
		z1Mm: both - segment.z0Mm,
		x1Mm: segment.x0Mm
	}));
}

/** Nearest of the places that are typed already, or a round one. @example snapped(4.98, [5, 12], 0.1) // 5 */
export function snapped(value: number, known: readonly number[], within: number, stepMm = 0.01): number {
	const near = known.reduce<number | null>(
		(best, k) => (Math.abs(k - value) <= Math.abs((best ?? Infinity) - value) ? k : best),
		null
	);
	if (near !== null && Math.abs(near - value) <= within) return near;
	return Number((Math.round(value / stepMm) * stepMm).toFixed(6));
}
