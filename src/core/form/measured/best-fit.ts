import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import type { Point, Segment } from '../profile/segment.js';
import { type Nearest, nearestPlace } from './nearest.js';

export type Fit = 'none' | 'translation' | 'translation-rotation';
/** Under this share of the largest singular value a direction is not told by the points. */
const MIN_SINGULAR = 1e-4;
const MAX_STEPS = 60;
const STILL = 1e-11;

export interface Fitted {
	points: Point[];
	places: Nearest[];
	/** Directions that the points tell. */
	rank: number;
	zMm: number;
	xMm: number;
	rotationRad: number;
}

/** How points were laid on a form: shifted, and turned about their mean. */
export interface Laid {
	zMm: number;
	xMm: number;
	rotationRad: number;
}
const middleOf = (points: readonly Point[]): Point => ({
	zMm: mean(points.map((point) => point.zMm)),
	xMm: mean(points.map((point) => point.xMm))
});
/** The points where they were laid. */
export function laid(points: readonly Point[], by: Laid): Point[] {
	const middle = middleOf(points);
	const [c, s] = [Math.cos(by.rotationRad), Math.sin(by.rotationRad)];
	return points.map((point) => {
		const [dz, dx] = [point.zMm - middle.zMm, point.xMm - middle.xMm];
		return { zMm: middle.zMm + by.zMm + c * dz - s * dx, xMm: middle.xMm + by.xMm + s * dz + c * dx };
	});
}

const mean = (l: readonly number[]): number => l.reduce((s, x) => s + x, 0) / l.length;

/**
 * Points moved so that the sum of their squared distances to a form is least (Gauss-Newton; minimum-norm steps, so that what the points
 * do not tell stays put). Rotation is about their mean.
 */
export function bestFit(chain: readonly Segment[], given: readonly Point[], fit: Fit): Fitted {
	const find = nearestPlace(chain);
	const middle = middleOf(given);
	const z = given.map((p) => p.zMm);
	const half = (Math.max(...z) - Math.min(...z)) / 2 || 1;
	const free = fit === 'none' ? 0 : fit === 'translation' ? 2 : 3;
	let [zMm, xMm, rotationRad, rank] = [0, 0, 0, 0];
	const moved = (): Point[] => laid(given, { zMm, xMm, rotationRad });
	let points = moved();
	let places = points.map(find);
	for (let step = 0; step < MAX_STEPS && free; step++) {
		const rows: number[][] = [];
		const values: number[] = [];
		places.forEach((place, i) => {
			if (place.beyond) return;
			const [dz, dx] = [points[i]!.zMm - middle.zMm - zMm, points[i]!.xMm - middle.xMm - xMm];
			const turn = (-place.gradient.zMm * dx + place.gradient.xMm * dz) / half;
			rows.push([place.gradient.zMm, place.gradient.xMm, ...(free === 3 ? [turn] : [])]);
			values.push(-place.e);
		});
		if (!rows.length) break;
		const solved = minimumNorm(rows, values);
		rank = solved.rank;
		zMm += solved.step[0]!;
		xMm += solved.step[1]!;
		rotationRad += (solved.step[2] ?? 0) / half;
		points = moved();
		places = points.map(find);
		if (Math.hypot(...solved.step) < STILL) break;
	}
	return { points, places, rank, zMm, xMm, rotationRad };
}

/** Shortest step that solves the rows as well as can be, along the directions they tell. */
function minimumNorm(rows: number[][], values: number[]): { step: number[]; rank: number } {
	const svd = new SingularValueDecomposition(new Matrix(rows), { autoTranspose: true });
	const [U, V, s] = [svd.leftSingularVectors, svd.rightSingularVectors, svd.diagonal];
	const most = Math.max(...s);
	const step = rows[0]!.map(() => 0);
	let rank = 0;
	s.forEach((size, k) => {
		if (size <= MIN_SINGULAR * most || size === 0) return;
		rank++;
		const along = values.reduce((sum, value, i) => sum + value * U.get(i, k), 0) / size;
		step.forEach((_, j) => {
			step[j]! += along * V.get(j, k);
		});
	});
	return { step, rank };
}
