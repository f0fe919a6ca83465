/** Number of bites for a total, forgiving rounding: 0 for an empty total. */
export function ceilCount(total: number, bite: number): number {
	return total <= 0 ? 0 : Math.ceil(total / bite - 1e-9);
}

/** floor that forgives rounding errors just below a whole number. */
export function floorKind(value: number): number {
	return Math.floor(value + 1e-9);
}

/** At most four decimals, no trailing zeros: how numbers are printed in markings. */
export function plainNumber(value: number): string {
	return String(Number(value.toFixed(4)));
}
