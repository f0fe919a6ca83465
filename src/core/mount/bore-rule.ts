import { SLACK } from '../numeric/rounding.js';
import { nominalBore } from './bore-sizes.js';

/** More play than this is another size, whatever it is called (guideline). */
const MAX_PLAY_MM = 0.2;
/** Bores are told apart no finer than this. */
const STEP_MM = 0.001;

/**
 * Whether bore and seat are of two sizes in common use, as measured or as marked; a size that is in no list tells nothing.
 * @example sizesDiffer(32, 31.75) // true
 */
export function sizesDiffer(boreMm: number, seatMm: number): boolean {
	const [bore, seat] = [nominalBore(boreMm), nominalBore(seatMm)];
	return bore !== null && seat !== null && bore !== seat;
}

/**
 * Whether a wheel of this bore belongs on this seat: it slides on, with no more play than its own size has. The rack, the choice and the
 * mounting ask this; whether it slides on by hand is measured then.
 * @example boreFits(32, 31.75) // false
 */
export function boreFits(boreMm: number, seatMm: number): boolean {
	const play = boreMm - seatMm;
	return play >= -SLACK && play <= MAX_PLAY_MM + SLACK && !sizesDiffer(boreMm, seatMm);
}

/**
 * The most play, in mm, with which a bore still belongs on this seat: up to where the next size in use begins.
 * @example mostPlayMm(76.2) // 0.2
 */
export function mostPlayMm(seatMm: number): number {
	const steps = Math.round(MAX_PLAY_MM / STEP_MM);
	for (let i = 1; i <= steps; i++) if (sizesDiffer(seatMm + i * STEP_MM, seatMm)) return (i - 1) * STEP_MM;
	return MAX_PLAY_MM;
}
