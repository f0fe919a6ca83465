import { mulberry32 } from '../../numeric/random.js';

const [FALLS_OVER, NOISE] = [3, 0.04];

/** Effort of press `k` of a stick, counting from 0: it falls as bond is stripped and settles when the wheel is open, in N. */
export function pressEffort(k: number, o: { firstN: number; openN: number; seed: number }): number {
	const random = mulberry32(o.seed + k);
	const effort = o.openN + (o.firstN - o.openN) * Math.exp(-k / FALLS_OVER);
	return effort * (1 + NOISE * (2 * random() - 1));
}
