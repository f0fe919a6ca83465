import { type Foot, footOn } from '../profile/foot.js';
import { type Point, type Segment, tangentsOf, turningOf } from '../profile/segment.js';

/** The place of a form nearest to a point. */
export interface Nearest {
	segment: number;
	/** Shortest distance, positive on the air side: abrasive stands too high. */
	e: number;
	/** Which way the distance grows. */
	gradient: Point;
	/** Share of the way along its segment. */
	share: number;
	/** The nearest place lies beyond an end of the form. */
	beyond: boolean;
}

/** Towards the air, at a share of the way along a segment. */
function outward(segment: Segment, share: number): Point {
	if (segment.kind === 'line') {
		const [t] = tangentsOf(segment);
		return { zMm: t.xMm, xMm: -t.zMm };
	}
	const { from, to } = turningOf(segment);
	const angle = from + share * (to - from);
	const sign = segment.side === 'convex' ? 1 : -1;
	return { zMm: sign * Math.cos(angle), xMm: sign * Math.sin(angle) };
}

/** Finds the nearest place of a form. */
export function nearestPlace(chain: readonly Segment[]) {
	const [first, last] = [0, chain.length - 1];
	return (point: Point): Nearest => {
		let [segment, foot] = [0, footOn(chain[0]!, point)];
		for (let i = 1; i < chain.length; i++) {
			const f = footOn(chain[i]!, point);
			if (f.distance < foot.distance) [segment, foot] = [i, f];
		}
		const s = chain[segment]!;
		const away = { zMm: point.zMm - foot.at.zMm, xMm: point.xMm - foot.at.xMm };
		let out = outward(s, foot.share);
		// In a corner both sides have their say.
		const other = foot.share === 0 ? chain[segment - 1] : foot.share === 1 ? chain[segment + 1] : undefined;
		if (other) {
			const o = outward(other, foot.share === 0 ? 1 : 0);
			out = { zMm: out.zMm + o.zMm, xMm: out.xMm + o.xMm };
		}
		const sign = away.zMm * out.zMm + away.xMm * out.xMm >= 0 ? 1 : -1;
		const length = Math.hypot(out.zMm, out.xMm) || 1;
		const distance = foot.distance;
		const gradient =
			distance > 1e-9
				? { zMm: (sign * away.zMm) / distance, xMm: (sign * away.xMm) / distance }
				: { zMm: out.zMm / length, xMm: out.xMm / length };
		return {
			segment,
			e: sign * distance,
			gradient,
			share: foot.share,
			beyond: beyondEnd(chain, segment, foot, away, first, last)
		};
	};
}

function beyondEnd(
	chain: readonly Segment[],
	segment: number,
	foot: Foot,
	away: Point,
	first: number,
	last: number
): boolean {
	const along = (point: Point) => away.zMm * point.zMm + away.xMm * point.xMm;
	if (segment === first && foot.share === 0 && along(tangentsOf(chain[first]!)[0]) < -1e-9) return true;
	return segment === last && foot.share === 1 && along(tangentsOf(chain[last]!)[1]) > 1e-9;
}
