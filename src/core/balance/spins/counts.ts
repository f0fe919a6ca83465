/** How many releases a procedure took over all wheels. */
export interface Counts {
	medianSpins: number;
	p90Spins: number;
	meanSpins: number;
	notReached: number;
}

/** Median, ninth tenth and mean of the releases that were needed, and how often the most was not enough. */
export function countsOf(spins: readonly number[], maxSpins: number): Counts {
	const sorted = [...spins].sort((a, b) => a - b);
	const n = sorted.length;
	return {
		medianSpins: sorted[Math.floor((n - 1) / 2)]!,
		p90Spins: sorted[Math.ceil(0.9 * n) - 1]!,
		meanSpins: spins.reduce((s, x) => s + x, 0) / n,
		notReached: spins.filter((spin) => spin > maxSpins).length
	};
}
