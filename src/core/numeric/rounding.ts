/** What the last binary digit may be off: a value at its limit is within it. */
export const SLACK = 1e-9;

/** Number of bites for a total, forgiving rounding: 0 for an empty total. @example ceilCount(70, 20) // 4 */
export function ceilCount(total: number, bite: number): number {
	return total <= 0 ? 0 : Math.max(0, Math.ceil(total / bite - SLACK));
}

/** floor that forgives rounding errors just below a whole number. @example floorKind(2.9999999999) // 3 */
export function floorKind(value: number): number {
	return Math.floor(value + SLACK);
}

/** ceil that forgives rounding errors just above a whole number. @example ceilKind(2.0000000001) // 2 */
export function ceilKind(value: number): number {
	return Math.ceil(value - SLACK);
}

/** At most four decimals, no trailing zeros: how numbers are printed in markings. */
export function plainNumber(value: number): string {
	return String(Number(value.toFixed(4)));
}
