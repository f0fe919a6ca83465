import type { Vec } from './angles.js';

/** Product of two phasors, x along 0 degrees and y along 90. */
export const times = (a: Vec, b: Vec): Vec => ({ x: a.x * b.x - a.y * b.y, y: a.x * b.y + a.y * b.x });
/** a/b; b is not nothing. */
export function over(a: Vec, b: Vec): Vec {
	const d = b.x ** 2 + b.y ** 2;
	return times(a, { x: b.x / d, y: -b.y / d });
}
