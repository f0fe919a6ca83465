import { isSuperabrasive } from './dress-infeed.js';

const MIN_UM = 3;
const MAX_UM = 25;
const SHARE_OF_GRAIN = 0.12;
const WITHOUT_GRAIN_UM = 20;

/**
 * Depth of an ordinary bite for a grain (guideline): 0.12 of it, from 3 to 25 um; 20 um where the grain is not known; 3 um for diamond and
 * boron nitride.
 * @example referenceDepthUm('alumina', 100) // 12
 */
export function referenceDepthUm(abrasive: string, grainUm: number | null = null): number {
	if (isSuperabrasive(abrasive)) return MIN_UM;
	return grainUm === null ? WITHOUT_GRAIN_UM : normalDepthUm(grainUm);
}

/** Depth of the normal dress of a conventional grain, in um (guideline). @example normalDepthUm(100) // 12 */
export function normalDepthUm(grainUm: number): number {
	return Math.min(MAX_UM, Math.max(MIN_UM, SHARE_OF_GRAIN * grainUm));
}

/** Lead of the normal dress of a conventional grain, in um (guideline). @example normalLeadUm(100) // 38.105118 */
export function normalLeadUm(grainUm: number): number {
	return Math.min(grainUm, 11 * Math.sqrt(normalDepthUm(grainUm)));
}
