import { rpmForSpeed } from './speed.js';

/** What is marked on a wheel, and the diameter the marking belongs to. */
export interface Rated {
	ratedMps: number | null;
	ratedRpm: number | null;
	newDiameterMm: number;
}

/** The maker rounds both marks: this far apart, as a share of what the m/s gives, they say the same. */
const SAME_MARK = 0.005;
/** No tachometer tells less apart. */
const HALF_A_TURN_RPM = 0.5;

/**
 * The rpm a wheel may never exceed: the least of its marked rpm and its marked m/s at the diameter when new. Where both say the same but
 * for rounding, the marked rpm is the limit. Only the maker's word for this very wheel, recorded by a lead, lets today's diameter count
 * instead (`wordAtDiameterMm`), and then never above the marked m/s. Null where nothing is marked.
 * @example limitRpm({ ratedMps: 80, ratedRpm: 6650, newDiameterMm: 230 }) // 6650
 */
export function limitRpm(w: Rated, wordAtDiameterMm: number | null = null): number | null {
	const { ratedMps, ratedRpm, newDiameterMm } = w;
	if (ratedMps === null) return ratedRpm;
	if (wordAtDiameterMm !== null) return rpmForSpeed(ratedMps, wordAtDiameterMm);
	const fromSpeed = rpmForSpeed(ratedMps, newDiameterMm);
	if (ratedRpm === null) return fromSpeed;
	return Math.abs(ratedRpm - fromSpeed) <= SAME_MARK * fromSpeed + 1e-9
		? ratedRpm
		: Math.min(ratedRpm, fromSpeed);
}

/** Whether a speed is over a limit; half a turn a minute is not told apart. @example overLimit(3547, 3546.9) // false */
export const overLimit = (speedRpm: number, limit: number | null): boolean =>
	limit !== null && speedRpm > limit + HALF_A_TURN_RPM + 1e-9;

/**
 * A limit as a whole number that may be set: rounded down. A binary tail below a whole number is none.
 * @example shownLimit(3546.9) // 3546
 */
export const shownLimit = (limit: number): number => Math.floor(limit + 1e-6);
