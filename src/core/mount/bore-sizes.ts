/** Bore and spindle sizes in common use, mm. */
const SIZES = [
	3, 5, 6, 6.35, 8, 10, 12, 12.7, 13, 15.875, 16, 19.05, 20, 22.23, 25, 25.4, 30, 31.75, 32, 33, 35, 38.1, 40,
	45, 50, 50.8, 51, 60, 63.5, 75, 76.2, 80, 90, 100, 101.6, 120, 125, 127, 140, 152.4, 160, 200, 203.2, 250,
	254, 304.8, 305
];
const REACH_MM = 0.12;

/**
 * The listed size a measured bore belongs to, the smaller one on a tie; null when none is near.
 * @example nominalBore(31.81) // 31.75
 */
export function nominalBore(measuredMm: number): number | null {
	let best: number | null = null;
	for (const size of SIZES) {
		const d = Math.abs(size - measuredMm);
		if (d <= REACH_MM + 1e-9 && (best === null || d < Math.abs(best - measuredMm) - 1e-9)) best = size;
	}
	return best;
}
