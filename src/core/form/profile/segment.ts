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

export const startOf = (segment: Segment): Point => ({ zMm: segment.z0Mm, xMm: segment.x0Mm });
export const endOf = (segment: Segment): Point => ({ zMm: segment.z1Mm, xMm: segment.x1Mm });
export const chordOf = (segment: Segment): number =>
	Math.hypot(segment.z1Mm - segment.z0Mm, segment.x1Mm - segment.x0Mm);
/** Angles grow along a convex arc and fall along a concave one. */
const senseOf = (arc: Arc): 1 | -1 => (arc.side === 'convex' ? 1 : -1);

/** Middle of an arc: beside its chord, towards the abrasive for a convex one. */
export function centreOf(arc: Arc): Point {
	const [dz, dx] = [arc.z1Mm - arc.z0Mm, arc.x1Mm - arc.x0Mm];
	const c = Math.hypot(dz, dx);
	const beside = (senseOf(arc) * Math.sqrt(Math.max(0, arc.radiusMm ** 2 - (c * c) / 4))) / c;
	return { zMm: (arc.z0Mm + arc.z1Mm) / 2 - dx * beside, xMm: (arc.x0Mm + arc.x1Mm) / 2 + dz * beside };
}

/** How far an arc turns, from nothing to half a turn. */
export const sweepOf = (arc: Arc): number => 2 * Math.asin(Math.min(1, chordOf(arc) / (2 * arc.radiusMm)));

/** An arc by its angles: centre, where it begins and ends; the end is beyond the start in its own sense. */
export interface Turning {
	centre: Point;
	from: number;
	to: number;
}
export function turningOf(arc: Arc): Turning {
	const centre = centreOf(arc);
	const from = Math.atan2(arc.x0Mm - centre.xMm, arc.z0Mm - centre.zMm);
	return { centre, from, to: from + senseOf(arc) * sweepOf(arc) };
}

export const lengthOf = (segment: Segment): number =>
	segment.kind === 'line' ? chordOf(segment) : segment.radiusMm * sweepOf(segment);

/** Unit tangent at the beginning and at the end, the way the segment is run. */
export function tangentsOf(segment: Segment): [Point, Point] {
	if (segment.kind === 'line') {
		const chord = chordOf(segment);
		const t = { zMm: (segment.z1Mm - segment.z0Mm) / chord, xMm: (segment.x1Mm - segment.x0Mm) / chord };
		return [t, t];
	}
	const { from, to } = turningOf(segment);
	const sense = senseOf(segment);
	const at = (angle: number): Point => ({ zMm: -sense * Math.sin(angle), xMm: sense * Math.cos(angle) });
	return [at(from), at(to)];
}

/** Point of a segment a share of the way along it. */
export function pointAt(segment: Segment, share: number): Point {
	if (segment.kind === 'line')
		return {
			zMm: segment.z0Mm + share * (segment.z1Mm - segment.z0Mm),
			xMm: segment.x0Mm + share * (segment.x1Mm - segment.x0Mm)
		};
	const { centre, from, to } = turningOf(segment);
	const angle = from + share * (to - from);
	return {
		zMm: centre.zMm + segment.radiusMm * Math.cos(angle),
		xMm: centre.xMm + segment.radiusMm * Math.sin(angle)
	};
}

/** Smallest and largest z and x of a segment, the crest of an arc included. */
export function boundsOf(segment: Segment): { zMin: number; zMax: number; xMin: number; xMax: number } {
	const points = [startOf(segment), endOf(segment)];
	if (segment.kind === 'arc') {
		const { from, to } = turningOf(segment);
		const [low, high] = [Math.min(from, to), Math.max(from, to)];
		for (let q = Math.ceil(low / (Math.PI / 2)); q * (Math.PI / 2) <= high; q++)
			points.push(pointAt(segment, (q * (Math.PI / 2) - from) / (to - from)));
	}
	const [z, x] = [points.map((point) => point.zMm), points.map((point) => point.xMm)];
	return { zMin: Math.min(...z), zMax: Math.max(...z), xMin: Math.min(...x), xMax: Math.max(...x) };
}

/** Angle between a tangent and the wheel's axis, in degrees from 0 to 90. */
export const flankDeg = (tangent: Point): number =>
	(Math.atan2(Math.abs(tangent.xMm), Math.abs(tangent.zMm)) * 180) / Math.PI;

/** The segment run the other way: its sides change names, its place does not. */
export function reversed(segment: Segment): Segment {
	const back = { z0Mm: segment.z1Mm, x0Mm: segment.x1Mm, z1Mm: segment.z0Mm, x1Mm: segment.x0Mm };
	return segment.kind === 'line'
		? { kind: 'line', ...back }
		: {
				kind: 'arc',
				...back,
				radiusMm: segment.radiusMm,
				side: segment.side === 'convex' ? 'concave' : 'convex'
			};
}

/** A segment as results show it: an arc with its centre beside it. */
export function shownSegment(segment: Segment): Segment & { zcMm?: number; xcMm?: number } {
	if (segment.kind === 'line') return segment;
	const centre = centreOf(segment);
	return { ...segment, zcMm: centre.zMm, xcMm: centre.xMm };
}
