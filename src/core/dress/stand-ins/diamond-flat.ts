import { mulberry32 } from '../../numeric/random.js';

const [UNSURE_UM, STEP_UM] = [6, 5];

/** What a microscope reads of a diamond's flat after so much wheel was cut away: it grows with the volume, read to 5 um. */
export function readFlat(o: { growthUmPerCm3: number; removedCm3: number; seed: number }): number {
	const random = mulberry32(o.seed);
	const read = o.growthUmPerCm3 * o.removedCm3 + UNSURE_UM * (2 * random() - 1);
	return Math.max(0, STEP_UM * Math.round(read / STEP_UM));
}
