/**
 * Grit designations and their mean grain in micrometres. F sizes follow the ISO 8486 series (published single means, good to
 * some 10 %); superabrasive sizes follow ISO 6106 with the midpoint of the two sieve openings. Mesh names are trade practice.
 */
export const F_GRITS: ReadonlyMap<number, number> = new Map([
	[4, 4890],
	[5, 4125],
	[6, 3460],
	[7, 2900],
	[8, 2460],
	[10, 2085],
	[12, 1765],
	[14, 1470],
	[16, 1230],
	[20, 1040],
	[22, 885],
	[24, 745],
	[30, 625],
	[36, 525],
	[40, 438],
	[46, 370],
	[54, 310],
	[60, 260],
	[70, 218],
	[80, 185],
	[90, 154],
	[100, 129],
	[120, 109],
	[150, 82],
	[180, 69],
	[220, 58],
	[230, 53],
	[240, 44.5],
	[280, 36.5],
	[320, 29.2],
	[360, 22.8],
	[400, 17.3],
	[500, 12.8],
	[600, 9.3],
	[800, 6.5],
	[1000, 4.5],
	[1200, 3],
	[1500, 2],
	[2000, 1.2]
]);

export interface SieveSize {
	code: number;
	upperUm: number;
	lowerUm: number;
	pair: string;
	name: number | null;
	wide: boolean;
}

const row = (
	code: number,
	upperUm: number,
	lowerUm: number,
	pair: string,
	name: number | null = null,
	wide = false
): SieveSize => ({ code, upperUm, lowerUm, pair, name, wide });

export const SIEVE_SIZES: readonly SieveSize[] = [
	row(1181, 1180, 1000, '16/18'),
	row(1001, 1000, 850, '18/20'),
	row(851, 850, 710, '20/25'),
	row(711, 710, 600, '25/30'),
	row(601, 600, 500, '30/35'),
	row(501, 500, 425, '35/40'),
	row(426, 425, 355, '40/45'),
	row(356, 355, 300, '45/50'),
	row(301, 300, 250, '50/60', 50),
	row(251, 250, 212, '60/70', 60),
	row(213, 212, 180, '70/80'),
	row(181, 180, 150, '80/100', 80),
	row(151, 150, 125, '100/120', 100),
	row(126, 125, 106, '120/140', 120),
	row(107, 106, 90, '140/170', 150),
	row(91, 90, 75, '170/200', 180),
	row(76, 75, 63, '200/230', 220),
	row(64, 63, 53, '230/270', 240),
	row(54, 53, 45, '270/325', 320),
	row(46, 45, 38, '325/400', 400),
	row(1182, 1180, 850, '16/20', null, true),
	row(852, 850, 600, '20/30', null, true),
	row(602, 600, 425, '30/40', null, true),
	row(427, 425, 300, '40/50', null, true),
	row(252, 250, 180, '60/80', null, true)
];

/** Middle of a sieve size, in um. */
export const meanOf = (s: SieveSize): number => (s.upperUm + s.lowerUm) / 2;
/** Sieve size by its micrometre code, as in D181 or B181. */
export const sieveByCode = (code: number): SieveSize | undefined => SIEVE_SIZES.find((s) => s.code === code);
/** Sieve size by its pair of meshes, as in 80/100. */
export const sieveByPair = (pair: string): SieveSize | undefined => SIEVE_SIZES.find((s) => s.pair === pair);
/** Sieve size by its mesh name, as in 80. */
export const sieveByName = (name: number): SieveSize | undefined => SIEVE_SIZES.find((s) => s.name === name);

/** Below the smallest sieve a number behind D or B is micrometres. */
export const SMALLEST_SIEVE = 46;

/** The stocked F sizes a shop starts with. */
export const DEFAULT_STOCK = [
	24, 30, 36, 46, 54, 60, 80, 100, 120, 150, 180, 220, 240, 280, 320, 400, 500
] as const;

/** Usual maximum operating speed steps in m/s (EN 13236 and EN 12413 series). */
export const SPEED_STEPS = [16, 20, 25, 32, 35, 40, 45, 50, 63, 80, 100, 125] as const;

/** F sizes sorted by closeness to a number on a log scale, the smaller label first on a tie. */
export function nearestGritNumbers(number: number, among: Iterable<number> = F_GRITS.keys()): number[] {
	return [...among].sort((a, b) => Math.abs(Math.log(a / number)) - Math.abs(Math.log(b / number)) || a - b);
}

/**
 * The stocked grit whose grain is nearest to a size on a log scale, the smaller label on a tie.
 * @example gritNearestToGrain(200, [46, 60, 80]) // 80
 */
export function gritNearestToGrain(grainUm: number, stocked: Iterable<number>): number {
	const distance = (n: number) => Math.abs(Math.log(F_GRITS.get(n)! / grainUm));
	return [...stocked].sort((a, b) => distance(a) - distance(b) || a - b)[0]!;
}
