import { mulberry32 } from '../../numeric/random.js';

/** What a simulated chuck really pulls, against what was reckoned: never quite the same twice. */
const [MIN, MAX] = [0.85, 1.15];

/** A first cut on a chuck that is not there. */
export interface TriedCut {
	/** How many times the push of the cut it really held. */
	ratio: number;
	thrown: boolean;
}

/**
 * The first cut on a simulated chuck: thrown when what it really holds is less than the push; a cut pushes up to twice as hard as
 * reckoned, because the wheel may be dull.
 * @example triedCut(0.8, 1).thrown // true
 */
export function triedCut(ratio: number | null, seed: number): TriedCut {
	if (ratio === null) return { ratio: Infinity, thrown: false };
	const random = mulberry32(seed);
	const pull = MIN + (MAX - MIN) * random();
	const push = 1 + random();
	const real = (ratio * pull) / push;
	return { ratio: real, thrown: real < 1 };
}
