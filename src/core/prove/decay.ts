import { goldenSection } from '../numeric/golden-section.js';

/** Time constants looked for, s. */
const [MIN_S, MAX_S, GRID] = [0.05, 60, 240];
type Point = readonly [number, number];

const mean = (list: readonly number[]): number => list.reduce((s, x) => s + x, 0) / list.length;

/** Straight line through (exp(-t/tau), y): s, c and what is left, by centred sums. */
function line(points: readonly Point[], tau: number): { c: number; squares: number } {
	const e = points.map(([t]) => Math.exp(-t / tau));
	const [me, my] = [mean(e), mean(points.map(([, y]) => y))];
	let [ee, ey] = [0, 0];
	points.forEach(([, y], i) => {
		ee += (e[i]! - me) ** 2;
		ey += (e[i]! - me) * (y - my);
	});
	const c = ee === 0 ? 0 : ey / ee;
	const squares = points.reduce((sum, [, y], i) => sum + (y - my - c * (e[i]! - me)) ** 2, 0);
	return { c, squares };
}

/**
 * s + c exp(-t/tau) through points by least squares: the time constant on a grid in its logarithm, then by golden section round the best,
 * because the sum of squares is not always one valley; the rest is linear.
 */
export function fitDecay(points: readonly Point[]): {
	tau: number;
	c: number;
	scatter: number;
	least: number;
	most: number;
} {
	const [from, to] = [Math.log(MIN_S), Math.log(MAX_S)];
	const at = (i: number) => from + ((to - from) * i) / GRID;
	const squares = (lnTau: number) => line(points, Math.exp(lnTau)).squares;
	let best = 0;
	for (let i = 1; i <= GRID; i++) if (squares(at(i)) < squares(at(best))) best = i;
	const lnTau = goldenSection(squares, at(Math.max(0, best - 1)), at(Math.min(GRID, best + 1)));
	const tau = Math.exp(lnTau);
	const fit = line(points, tau);
	return { tau, c: fit.c, scatter: Math.sqrt(fit.squares / points.length), least: MIN_S, most: MAX_S };
}
