/** Parts of a working day, eight hours each from six in the morning (guideline). */
export const SHIFTS = ['early', 'late', 'night'] as const;
export type Shift = (typeof SHIFTS)[number];

const [EARLY, LATE, NIGHT] = [6, 14, 22];
/** The shift an hour of the day belongs to. @example shiftAt(7) // "early" */
export const shiftAt = (hour: number): Shift =>
	hour >= EARLY && hour < LATE ? 'early' : hour >= LATE && hour < NIGHT ? 'late' : 'night';
