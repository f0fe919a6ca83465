import { leastSquares } from '../../numeric/least-squares.js';
import type { Point } from '../profile/segment.js';

/** A circle through points, by the least sum of squared distances to it (Gauss-Newton from the algebraic one). */
export function circleThrough(points: readonly Point[]): { radiusMm: number; rmsMm: number } {
	const [z0, x0] = [points[0]!.zMm, points[0]!.xMm];
	const start = leastSquares(
		points.map((point) => [point.zMm - z0, point.xMm - x0, 1]),
		points.map((point) => (point.zMm - z0) ** 2 + (point.xMm - x0) ** 2)
	).solution;
	let [zc, xc] = [z0 + start[0]! / 2, x0 + start[1]! / 2];
	let r = Math.sqrt(Math.max(0, start[2]! + start[0]! ** 2 / 4 + start[1]! ** 2 / 4));
	for (let i = 0; i < 50; i++) {
		const d = points.map((point) => Math.hypot(point.zMm - zc, point.xMm - xc) || 1e-12);
		const step = leastSquares(
			points.map((point, k) => [(zc - point.zMm) / d[k]!, (xc - point.xMm) / d[k]!, -1]),
			d.map((value) => r - value)
		).solution;
		zc += step[0]!;
		xc += step[1]!;
		r += step[2]!;
		if (Math.hypot(...step) < 1e-12 * (1 + r)) break;
	}
	const rest = points.map((point) => Math.hypot(point.zMm - zc, point.xMm - xc) - r);
	return { radiusMm: r, rmsMm: Math.sqrt(rest.reduce((s, e) => s + e * e, 0) / rest.length) };
}
