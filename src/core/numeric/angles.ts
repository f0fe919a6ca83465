/** Degrees to radians and back, and the folding rules of face angles: clockwise seen from the front, [0, 360). */
export const DEG = Math.PI / 180;

/** Folds any angle into [0, 360). @example fold360(-30) // 330 */
export function fold360(deg: number): number {
	const folded = ((deg % 360) + 360) % 360;
	return folded >= 360 || Object.is(folded, -0) ? 0 : folded;
}

/** Folds any angle into [-180, 180). @example wrap180(270) // -90 */
export function wrap180(deg: number): number {
	return fold360(deg + 180) - 180;
}

export interface Vec {
	x: number;
	y: number;
}

/** Plane vector from length and face angle: x points to 0 degrees, y to 90. */
export function vec(length: number, deg: number): Vec {
	return { x: length * Math.cos(deg * DEG), y: length * Math.sin(deg * DEG) };
}
/** Sum of two vectors. */
export const add = (a: Vec, b: Vec): Vec => ({ x: a.x + b.x, y: a.y + b.y });
/** First vector less the second. */
export const sub = (a: Vec, b: Vec): Vec => ({ x: a.x - b.x, y: a.y - b.y });
/** Length of a vector. @example len({ x: 3, y: 4 }) // 5 */
export const len = (a: Vec): number => Math.hypot(a.x, a.y);

/**
 * Direction of a vector in [0, 360); 0 where it has no length (below 1e-9).
 * @example angleOf({ x: 0, y: 2 }) // 90
 */
export function angleOf(a: Vec): number {
	return len(a) < 1e-9 ? 0 : fold360(Math.atan2(a.y, a.x) / DEG);
}
