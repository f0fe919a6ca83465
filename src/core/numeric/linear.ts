/**
 * A table of points (x rising) read by straight lines between them; beyond its ends the end counts.
 * @example linear([[0, 1], [10, 3]], 5) // 2
 */
export function linear(table: readonly (readonly [number, number])[], x: number): number {
	const after = table.findIndex(([at]) => at >= x);
	if (after === 0) return table[0]![1];
	if (after < 0) return table.at(-1)![1];
	const [[x0, y0], [x1, y1]] = [table[after - 1]!, table[after]!];
	return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}
