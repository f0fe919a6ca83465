import { mulberry32 } from '../../numeric/random.js';
import { REFERENCE_THICKNESS_UM, priorLogC } from '../finish-law.js';

const [SHIFT, MIN_X, MAX_X, SCATTER] = [0.25, 0.15, 0.45, 0.1];

/** A wheel whose finish law nobody knows: its hidden constants, from a seed. */
export function hiddenLaw(grainSizeUm: number, seed: number): { logC: number; x: number } {
	const random = mulberry32(seed);
	return {
		logC: priorLogC(grainSizeUm) + SHIFT * (2 * random() - 1),
		x: MIN_X + (MAX_X - MIN_X) * random()
	};
}

/** Ra that the meter reads of a trial cut on such a wheel, in um. */
export function readRa(
	law: { logC: number; x: number },
	cut: { leadUm: number; depthUm: number; specificRemovalMm2PerS: number; wheelSpeedMps: number },
	seed: number
): number {
	const random = mulberry32(seed);
	const thickness = cut.specificRemovalMm2PerS / cut.wheelSpeedMps;
	const log =
		law.logC +
		0.5 * Math.log(cut.leadUm) +
		0.25 * Math.log(cut.depthUm) +
		law.x * Math.log(thickness / REFERENCE_THICKNESS_UM);
	return Math.exp(log + SCATTER * (2 * random() - 1));
}
