/**
 * Middle of a list, the mean of the middle two of an even count; 0 of an empty one. The list is left as it was.
 * @example median([3, 1, 8, 2]) // 2.5
 */
export function median(list: readonly number[]): number {
	if (!list.length) return 0;
	const s = [...list].sort((a, b) => a - b);
	const m = s.length >> 1;
	return s.length % 2 ? s[m]! : (s[m - 1]! + s[m]!) / 2;
}
