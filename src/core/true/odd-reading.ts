import { DEG } from '../numeric/angles.js';
import { leastSquares } from '../numeric/least-squares.js';
import { median } from '../numeric/median.js';

/** A reading that does not go with its neighbours, and what they say it should be. */
export interface OddReading {
	index: number;
	readUm: number;
	expectedUm: number;
}

const TIMES = 6;
const MIN_UM = 8;
/** Of the range of all others: less than that is the rim, not a slip. */
const SHARE = 0.12;
const TELLS_LOBES = 12;

/**
 * One reading far from what all others tell (off centre and two lobes, fitted without it): a bumped dial, a slipped digit, dirt on
 * the rim. It is asked about, never dropped. Null when none stands out, or when there are too few readings to tell.
 */
export function oddReading(readingsUm: readonly number[], anglesDeg: readonly number[]): OddReading | null {
	const n = readingsUm.length;
	if (n < 8 || n > 720) return null;
	// Two lobes as well where there are readings enough to tell them from a slip.
	const lobes = n >= TELLS_LOBES;
	const row = (t: number) => [
		1,
		Math.cos(t * DEG),
		Math.sin(t * DEG),
		...(lobes ? [Math.cos(2 * t * DEG), Math.sin(2 * t * DEG)] : [])
	];
	const rows = anglesDeg.map(row);
	const all = leastSquares(rows, [...readingsUm]).solution;
	const value = (fit: readonly number[], i: number) => rows[i]!.reduce((s, x, k) => s + x * fit[k]!, 0);
	const index = readingsUm.reduce(
		(worst, r, i) =>
			Math.abs(r - value(all, i)) > Math.abs(readingsUm[worst]! - value(all, worst)) ? i : worst,
		0
	);
	const others = readingsUm.map((_, i) => i).filter((i) => i !== index);
	const fit = leastSquares(
		others.map((other) => rows[other]!),
		others.map((other) => readingsUm[other]!)
	).solution;
	const usual = median(others.map((other) => Math.abs(readingsUm[other]! - value(fit, other))));
	const expectedUm = value(fit, index);
	const range =
		Math.max(...others.map((other) => readingsUm[other]!)) -
		Math.min(...others.map((other) => readingsUm[other]!));
	return Math.abs(readingsUm[index]! - expectedUm) > Math.max(MIN_UM, TIMES * usual, SHARE * range)
		? { index, readUm: readingsUm[index]!, expectedUm }
		: null;
}
