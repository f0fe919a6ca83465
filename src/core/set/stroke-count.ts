import { ceilCount } from '../numeric/rounding.js';

/**
 * Strokes of the table that cover the work once: one when the wheel is as wide, else so many steps across and one more.
 * @example strokesAcross(50, 20, 20 / 3) // 6
 */
export const strokesAcross = (workMm: number, wheelMm: number, crossFeedMm: number): number =>
	wheelMm >= workMm ? 1 : ceilCount(workMm - wheelMm, crossFeedMm) + 1;

/** Table speed in mm/s from m/min. @example mmPerSecond(15) // 250 */
export const mmPerSecond = (mPerMin: number): number => (1000 * mPerMin) / 60;
