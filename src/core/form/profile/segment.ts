/**
 * The section of a wheel's face as a chain of lines and arcs. `z` runs along the wheel's axis from left to right, `x` is the depth
 * into the wheel from its rim: abrasive lies at larger x, air at smaller x. All lengths in mm, angles in radians.
 */
interface Line {
	kind: 'line';
	z0Mm: number;
	x0Mm: number;
	z1Mm: number;
	x1Mm: number;
}
/** `convex` has its centre on the abrasive side of the way it is run, `concave` on the air side. Never over half a turn. */
export interface Arc extends Omit<Line, 'kind'> {
	kind: 'arc';
	radiusMm: number;
	side: 'convex' | 'concave';
}
export type Segment = Line | Arc;
export interface Point {
	zMm: number;
	xMm: number;
}

export const startOf = (s: Segment): Point => ({ zMm: s.z0Mm, xMm: s.x0Mm });
export const endOf = (s: Segment): Point => ({ zMm: s.z1Mm, xMm: s.x1Mm });
export const chordOf = (s: Segment): number => Math.hypot(s.z1Mm - s.z0Mm, s.x1Mm - s.x0Mm);
/** Angles grow along a convex arc and fall along a concave one. */
const senseOf = (a: Arc): 1 | -1 => (a.side === 'convex' ? 1 : -1);

/** Middle of an arc: beside its chord, towards the abrasive for a convex one. */
export function centreOf(a: Arc): Point {
	const [dz, dx] = [a.z1Mm - a.z0Mm, a.x1Mm - a.x0Mm];
	const c = Math.hypot(dz, dx);
	const beside = (senseOf(a) * Math.sqrt(Math.max(0, a.radiusMm ** 2 - (c * c) / 4))) / c;
	return { zMm: (a.z0Mm + a.z1Mm) / 2 - dx * beside, xMm: (a.x0Mm + a.x1Mm) / 2 + dz * beside };
}

/** How far an arc turns, from nothing to half a turn. */
export const sweepOf = (a: Arc): number => 2 * Math.asin(Math.min(1, chordOf(a) / (2 * a.radiusMm)));

/** An arc by its angles: centre, where it begins and ends; the end is beyond the start in its own sense. */
export interface Turning {
	centre: Point;
	from: number;
	to: number;
}
export function turningOf(a: Arc): Turning {
	const centre = centreOf(a);
	const from = Math.atan2(a.x0Mm - centre.xMm, a.z0Mm - centre.zMm);
	return { centre, from, to: from + senseOf(a) * sweepOf(a) };
}

export const lengthOf = (s: Segment): number => (s.kind === 'line' ? chordOf(s) : s.radiusMm * sweepOf(s));

/** Unit tangent at the beginning and at the end, the way the segment is run. */
export function tangentsOf(s: Segment): [Point, Point] {
	if (s.kind === 'line') {
		const c = chordOf(s);
		const t = { zMm: (s.z1Mm - s.z0Mm) / c, xMm: (s.x1Mm - s.x0Mm) / c };
		return [t, t];
	}
	const { from, to } = turningOf(s);
	const sense = senseOf(s);
	const at = (angle: number): Point => ({ zMm: -sense * Math.sin(angle), xMm: sense * Math.cos(angle) });
	return [at(from), at(to)];
}

/** Point of a segment a share of the way along it. */
export function pointAt(s: Segment, share: number): Point {
	if (s.kind === 'line')
		return {
			zMm: s.z0Mm + share * (s.z1Mm - s.z0Mm),
			xMm: s.x0Mm + share * (s.x1Mm - s.x0Mm)
		};
	const { centre, from, to } = turningOf(s);
	const angle = from + share * (to - from);
	return {
		zMm: centre.zMm + s.radiusMm * Math.cos(angle),
		xMm: centre.xMm + s.radiusMm * Math.sin(angle)
	};
}

/** Smallest and largest z and x of a segment, the crest of an arc included. */
export function boundsOf(s: Segment): { zMin: number; zMax: number; xMin: number; xMax: number } {
	const points = [startOf(s), endOf(s)];
	if (s.kind === 'arc') {
		const { from, to } = turningOf(s);
		const [low, high] = [Math.min(from, to), Math.max(from, to)];
		for (let q = Math.ceil(low / (Math.PI / 2)); q * (Math.PI / 2) <= high; q++)
			points.push(pointAt(s, (q * (Math.PI / 2) - from) / (to - from)));
	}
	const [z, x] = [points.map((p) => p.zMm), points.map((p) => p.xMm)];
	return { zMin: Math.min(...z), zMax: Math.max(...z), xMin: Math.min(...x), xMax: Math.max(...x) };
}

/** Angle between a tangent and the wheel's axis, in degrees from 0 to 90. */
export const flankDeg = (tangent: Point): number =>
	(Math.atan2(Math.abs(tangent.xMm), Math.abs(tangent.zMm)) * 180) / Math.PI;

/** The segment run the other way: its sides change names, its place does not. */
export function reversed(s: Segment): Segment {
	const back = { z0Mm: s.z1Mm, x0Mm: s.x1Mm, z1Mm: s.z0Mm, x1Mm: s.x0Mm };
	return s.kind === 'line'
		? { kind: 'line', ...back }
		: { kind: 'arc', ...back, radiusMm: s.radiusMm, side: s.side === 'convex' ? 'concave' : 'convex' };
}

/** A segment as results show it: an arc with its centre beside it. */
export function shownSegment(s: Segment): Segment & { zcMm?: number; xcMm?: number } {
	if (s.kind === 'line') return s;
	const c = centreOf(s);
	return { ...s, zcMm: c.zMm, xcMm: c.xMm };
}
