import { type Point, type Segment, chordOf, turningOf } from './segment.js';

/** The place of a segment nearest to a point. */
export interface Foot {
	/** Share of the way along the segment. */
	share: number;
	at: Point;
	distance: number;
}
/** The place of a segment nearest to a point, its ends included. */
export function footOn(s: Segment, p: Point): Foot {
	if (s.kind === 'line') {
		const c = chordOf(s);
		const along = ((p.zMm - s.z0Mm) * (s.z1Mm - s.z0Mm) + (p.xMm - s.x0Mm) * (s.x1Mm - s.x0Mm)) / (c * c);
		const share = Math.max(0, Math.min(1, along));
		const at = { zMm: s.z0Mm + share * (s.z1Mm - s.z0Mm), xMm: s.x0Mm + share * (s.x1Mm - s.x0Mm) };
		return { share, at, distance: Math.hypot(p.zMm - at.zMm, p.xMm - at.xMm) };
	}
	const { centre, from, to } = turningOf(s);
	const angle = Math.atan2(p.xMm - centre.xMm, p.zMm - centre.zMm);
	const middle = (from + to) / 2;
	const off = Math.atan2(Math.sin(angle - middle), Math.cos(angle - middle));
	const share = Math.max(0, Math.min(1, 0.5 + off / (to - from)));
	const a = from + share * (to - from);
	const at = { zMm: centre.zMm + s.radiusMm * Math.cos(a), xMm: centre.xMm + s.radiusMm * Math.sin(a) };
	return { share, at, distance: Math.hypot(p.zMm - at.zMm, p.xMm - at.xMm) };
}
