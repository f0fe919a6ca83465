import type { Point, Segment } from '../profile/segment.js';
import { laid } from './best-fit.js';
import { nearestPlace } from './nearest.js';

/** A measured point where it was laid, how far it is off in um, and which way is out. */
export interface FanPoint {
	p: Point;
	errorUm: number;
	out: Point;
}
interface Fit {
	appliedZMm: number;
	appliedXMm: number;
	appliedRotationDeg: number;
}
/** More lines than that cannot be told apart. */
const MAX = 400;

/** The errors of measured points, standing on the form they were laid on; of very many only some. */
export function fanOf(
	chain: readonly Segment[],
	points: readonly Point[],
	source: 'wheel' | 'coupon',
	fit: Fit
): FanPoint[] {
	const side = source === 'coupon' ? -1 : 1;
	const moved = laid(
		points.map((point) => ({ ...point, xMm: side * point.xMm })),
		{
			zMm: fit.appliedZMm,
			xMm: fit.appliedXMm,
			rotationRad: (fit.appliedRotationDeg * Math.PI) / 180
		}
	);
	const find = nearestPlace(chain);
	const each = Math.max(1, Math.ceil(moved.length / MAX));
	return moved
		.filter((_, i) => i % each === 0)
		.map((p) => ({ p, n: find(p) }))
		.filter((o) => !o.n.beyond)
		.map((o) => ({ p: o.p, errorUm: 1000 * o.n.e, out: o.n.gradient }));
}
