import { SLACK } from '../numeric/rounding.js';
import { steepLength } from './profile/integrals.js';
import { type Segment, flankDeg, lengthOf, tangentsOf } from './profile/segment.js';

const RAD = Math.PI / 180;
/** A bite under this share of the asked one rubs instead of cutting (guideline). */
export const MIN_BITE = 0.2;

type BiteState = 'none' | 'dull' | 'partly-dull' | 'even';

/**
 * What a segment gets of a shift straight in: at a flank of p from the axis a cos p, at a wall nothing; and the shift along the axis
 * that together with it gives the full bite again, a tan(p/2), + towards +z on flanks that face left.
 */
export function flankBite(
	segment: Segment,
	index: number,
	bites: { roughUm: number; finishUm: number; lastUm: number }
) {
	const ends = tangentsOf(segment);
	const [p0, p1] = [flankDeg(ends[0]), flankDeg(ends[1])];
	// Both ends alike: the one of larger z.
	const steepest = p0 > p1 + SLACK ? ends[0] : ends[1];
	const deg = Math.max(p0, p1);
	const cosine = deg > 90 - 1e-9 ? 0 : Math.cos(deg * RAD);
	const dullLengthMm = steepLength(segment, MIN_BITE);
	const state: BiteState =
		segment.kind === 'line' && cosine === 0
			? 'none'
			: dullLengthMm <= SLACK
				? 'even'
				: dullLengthMm >= lengthOf(segment) - SLACK
					? 'dull'
					: 'partly-dull';
	const shift = bites.lastUm * Math.tan((deg * RAD) / 2);
	return {
		index,
		flankDeg: deg,
		roughBiteUm: bites.roughUm * cosine,
		finishBiteUm: bites.finishUm * cosine,
		dullLengthMm,
		state,
		axialShiftUm: state === 'even' ? 0 : steepest.xMm < 0 ? shift : -shift
	};
}

/** Feed of the middle of the tool that keeps the contact at the feed asked for. */
export function segmentFeed(segment: Segment, index: number, rho: number, feedMmPerMin: number) {
	if (segment.kind === 'line') return { index, feedMmPerMin };
	const r = segment.side === 'convex' ? segment.radiusMm + rho : Math.max(0, segment.radiusMm - rho);
	return { index, feedMmPerMin: (feedMmPerMin * r) / segment.radiusMm };
}
