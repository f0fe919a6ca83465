import { mulberry32 } from '../../numeric/random.js';

const [LAG_S, NOISE] = [0.3, 0.02];

/** Net power a meter shows so long after the cut began: energy times removal, with its lag and noise, in W. */
export function netPower(o: {
	specificEnergyJPerMm3: number;
	removalMm3PerS: number;
	afterS: number;
	seed: number;
}): number {
	const random = mulberry32(o.seed);
	const settled = o.specificEnergyJPerMm3 * o.removalMm3PerS;
	return settled * (1 - Math.exp(-o.afterS / LAG_S)) * (1 + NOISE * (2 * random() - 1));
}
