/**
 * Free flat ring: frequency factors of thin-plate theory (exact Bessel solution of the free annulus) and the correction for shear and
 * rotary inertia (Mindlin plate, shear factor 5/6). Modes are named nodal diameters, nodal circles.
 */
export const RING_MODES = ['2,0', '0,1', '3,0'] as const;
export type RingMode = (typeof RING_MODES)[number];

/** lambda squared at bore ratios 0, 0.05 ... 0.6, for Poisson 0.2 and 0.3. */
const LAMBDA_SQ: Readonly<Record<RingMode, readonly (readonly [number, number])[]>> = {
	'2,0': [
		[5.655, 5.358],
		[5.639, 5.344],
		[5.591, 5.303],
		[5.513, 5.237],
		[5.408, 5.146],
		[5.281, 5.035],
		[5.134, 4.906],
		[4.973, 4.762],
		[4.8, 4.607],
		[4.62, 4.442],
		[4.434, 4.271],
		[4.247, 4.096],
		[4.06, 3.92]
	],
	'0,1': [
		[8.772, 9.003],
		[8.725, 8.935],
		[8.615, 8.775],
		[8.494, 8.593],
		[8.404, 8.444],
		[8.37, 8.359],
		[8.408, 8.353],
		[8.527, 8.435],
		[8.737, 8.614],
		[9.053, 8.9],
		[9.495, 9.313],
		[10.094, 9.883],
		[10.899, 10.655]
	],
	'3,0': [
		[13.027, 12.439],
		[13.026, 12.439],
		[13.024, 12.437],
		[13.012, 12.427],
		[12.981, 12.402],
		[12.92, 12.351],
		[12.816, 12.266],
		[12.661, 12.136],
		[12.448, 11.954],
		[12.175, 11.717],
		[11.846, 11.425],
		[11.469, 11.084],
		[11.055, 10.702]
	]
};

/** chi at bore ratios 0.1 ... 0.6, for thickness over radius 0, 0.1 ... 0.6. */
const CHI: Readonly<Record<RingMode, readonly (readonly number[])[]>> = {
	'2,0': [
		[1, 0.9826, 0.9512, 0.9099, 0.863, 0.8144, 0.7666],
		[1, 0.9796, 0.9453, 0.9014, 0.8522, 0.8012, 0.7511],
		[1, 0.9781, 0.9422, 0.8963, 0.8445, 0.7906, 0.7374],
		[1, 0.9777, 0.9409, 0.8932, 0.8387, 0.7816, 0.7248],
		[1, 0.9775, 0.9398, 0.8898, 0.8317, 0.7703, 0.7091],
		[1, 0.9767, 0.9365, 0.8819, 0.8179, 0.7501, 0.6826]
	],
	'0,1': [
		[1, 0.9865, 0.9497, 0.8986, 0.8415, 0.7843, 0.7302],
		[1, 0.9864, 0.9496, 0.8981, 0.8406, 0.7829, 0.7281],
		[1, 0.9853, 0.9456, 0.8907, 0.8297, 0.769, 0.7118],
		[1, 0.9827, 0.9364, 0.8736, 0.8055, 0.7391, 0.6779],
		[1, 0.9775, 0.9191, 0.8429, 0.7638, 0.6898, 0.6239],
		[1, 0.9677, 0.8876, 0.7908, 0.6976, 0.6159, 0.547]
	],
	'3,0': [
		[1, 0.9726, 0.9155, 0.8447, 0.7724, 0.705, 0.6447],
		[1, 0.9718, 0.9142, 0.8431, 0.7707, 0.7031, 0.6427],
		[1, 0.9705, 0.912, 0.8401, 0.7669, 0.6984, 0.637],
		[1, 0.9696, 0.9104, 0.8374, 0.7625, 0.6921, 0.6286],
		[1, 0.9698, 0.9105, 0.8363, 0.7591, 0.6856, 0.6187],
		[1, 0.9707, 0.9116, 0.8357, 0.755, 0.677, 0.6049]
	]
};

/** Linear between the entries of an evenly spaced list, the last line going on at the ends. */
function along(list: readonly number[], start: number, step: number, x: number): number {
	const at = Math.max(0, Math.min(list.length - 2, Math.floor((x - start) / step + 1e-12)));
	return list[at]! + (list[at + 1]! - list[at]!) * ((x - start) / step - at);
}

/**
 * Frequency factor of a mode at a bore ratio (0 to 0.6) and Poisson ratio (0.1 to 0.4).
 * @example lambdaSq('2,0', 0.25, 0.2) // 5.281
 */
export function lambdaSq(mode: RingMode, boreRatio: number, poisson: number): number {
	const [low, high] = [0, 1].map((i) =>
		along(
			LAMBDA_SQ[mode].map((r) => r[i as 0 | 1]),
			0,
			0.05,
			boreRatio
		)
	) as [number, number];
	return low + (high - low) * ((poisson - 0.2) / 0.1);
}

/**
 * How much lower a thick ring sounds than thin theory has it.
 * @example thicknessFactor('2,0', 0.2, 0.25) // 0.92335
 */
export function thicknessFactor(mode: RingMode, boreRatio: number, thicknessRatio: number): number {
	const beta = Math.max(0.1, Math.min(0.6, boreRatio));
	return along(
		CHI[mode].map((r) => along(r, 0, 0.1, thicknessRatio)),
		0.1,
		0.1,
		beta
	);
}
