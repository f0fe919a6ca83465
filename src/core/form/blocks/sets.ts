/** Sizes are counted in 10 nm, in which metric and inch blocks are both whole. */
const UNITS_PER_MM = 100_000;
const UNITS_PER_INCH = 2_540_000;
/** A height in units. @example unitsOf(1.0005) // 100050 */
export const unitsOf = (mm: number): number => Math.round(mm * UNITS_PER_MM);
/** Units as a height, in mm. @example mmOf(100050) // 1.0005 */
export const mmOf = (units: number): number => units / UNITS_PER_MM;

/** From `first` in steps up to `last`, in millionths, so that no step is lost to rounding. */
function run(first: number, last: number, step: number, perOne: number): number[] {
	const M = 1_000_000;
	const [a, b, s] = [first, last, step].map((x) => Math.round(x * M)) as [number, number, number];
	const out: number[] = [];
	for (let size = a; size <= b; size += s) out.push(Math.round((size / M) * perOne));
	return out;
}
const mm = (first: number, last = first, step = 1): number[] => run(first, last, step, UNITS_PER_MM);
const inch = (first: number, last = first, step = 1): number[] => run(first, last, step, UNITS_PER_INCH);

/** Customary nominal series of blocks to ISO 3650, in units of 10 nm. Sets in drawers differ: what is really there counts. */
export const BLOCK_SETS = {
	'metric-47': [
		...mm(1.005),
		...mm(1.01, 1.09, 0.01),
		...mm(1.1, 1.9, 0.1),
		...mm(1, 24),
		...mm(25, 100, 25)
	],
	'metric-47-tens': [
		...mm(1.005),
		...mm(1.01, 1.19, 0.01),
		...mm(1.2, 1.9, 0.1),
		...mm(1, 9),
		...mm(10, 100, 10)
	],
	'metric-87': [
		...mm(1.001, 1.009, 0.001),
		...mm(1.01, 1.49, 0.01),
		...mm(0.5, 9.5, 0.5),
		...mm(10, 100, 10)
	],
	'metric-103': [...mm(1.005), ...mm(1.01, 1.49, 0.01), ...mm(0.5, 24.5, 0.5), ...mm(25, 100, 25)],
	'metric-112': [
		...mm(1.0005),
		...mm(1.001, 1.009, 0.001),
		...mm(1.01, 1.49, 0.01),
		...mm(0.5, 24.5, 0.5),
		...mm(25, 100, 25)
	],
	'inch-81': [
		...inch(0.1001, 0.1009, 0.0001),
		...inch(0.101, 0.149, 0.001),
		...inch(0.05, 0.95, 0.05),
		...inch(1, 4)
	]
} as const satisfies Record<string, readonly number[]>;
export type BlockSet = keyof typeof BLOCK_SETS;
