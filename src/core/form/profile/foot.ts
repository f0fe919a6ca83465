import { type Point, type Segment, chordOf, turningOf } from './segment.js';

/** The place of a segment nearest to a point. */
export interface Foot {
	/** Share of the way along the segment. */
	share: number;
	at: Point;
	distance: number;
}
/** The place of a segment nearest to a point, its ends included. */
export function footOn(segment: Segment, point: Point): Foot {
	if (segment.kind === 'line') {
		const chord = chordOf(segment);
		const along =
			((point.zMm - segment.z0Mm) * (segment.z1Mm - segment.z0Mm) +
				(point.xMm - segment.x0Mm) * (segment.x1Mm - segment.x0Mm)) /
			(chord * chord);
		const share = Math.max(0, Math.min(1, along));
		const at = {
			zMm: segment.z0Mm + share * (segment.z1Mm - segment.z0Mm),
			xMm: segment.x0Mm + share * (segment.x1Mm - segment.x0Mm)
		};
		return { share, at, distance: Math.hypot(point.zMm - at.zMm, point.xMm - at.xMm) };
	}
	const { centre, from, to } = turningOf(segment);
	const angle = Math.atan2(point.xMm - centre.xMm, point.zMm - centre.zMm);
	const middle = (from + to) / 2;
	const off = Math.atan2(Math.sin(angle - middle), Math.cos(angle - middle));
	const share = Math.max(0, Math.min(1, 0.5 + off / (to - from)));
	const a = from + share * (to - from);
	const at = {
		zMm: centre.zMm + segment.radiusMm * Math.cos(a),
		xMm: centre.xMm + segment.radiusMm * Math.sin(a)
	};
	return { share, at, distance: Math.hypot(point.zMm - at.zMm, point.xMm - at.xMm) };
}
