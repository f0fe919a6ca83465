/** The rules behind ends that no lead can move, in words. */
const SAYS = "No shop allows itself more; the wheel's and the machine's own instructions come first.";
const end = (rule: string): { end: string } => ({ end: `${rule} ${SAYS}` });

const INCH_MM = 25.4;
/** An end and what is usual, in core units, with the round figure next to each where numbers are typed in inches. */
export const RUNOUT_END = {
	max: 50,
	inch: { max: 0.002 * INCH_MM * 1000 },
	...end('A flange or spindle that runs out more bends the wheel.')
};
export const RIM_RUNOUT_END = {
	min: 0,
	max: 500,
	default: 500,
	inch: { max: 0.02 * INCH_MM * 1000, default: 0.02 * INCH_MM * 1000 },
	...end('Play in a bore explains no more.')
};
export const CHIP_END = {
	min: 0,
	minOpen: true as const,
	max: 3,
	default: 3,
	inch: { max: INCH_MM / 8, default: INCH_MM / 8 },
	...end('A larger chip can be the end of a crack.')
};
export const REST_END = {
	min: 0,
	minOpen: true as const,
	max: 3.2,
	default: 3,
	inch: { max: INCH_MM / 8, default: INCH_MM / 8 },
	...end('Work is pulled into a wider gap.')
};
export const TONGUE_END = {
	min: 0,
	minOpen: true as const,
	max: 6.4,
	default: 6,
	inch: { max: INCH_MM / 4, default: INCH_MM / 4 },
	...end('Pieces of a burst wheel leave through a wider gap.')
};
export const SHIM_END = {
	min: 0,
	max: 100,
	default: 100,
	inch: { max: 0.004 * INCH_MM * 1000, default: 0.004 * INCH_MM * 1000 },
	...end('A thicker lump behind one side bends the wheel; one sheet of paper, no more.')
};
export const EQUAL_FLANGES_END = { min: 0, max: 1, ...end('Unequal flanges bend the wheel.') };
export const VIBRATION_END = { max: 7.1, ...end('A grinder that shakes more is in danger.') };
export const WHIRL_END = { max: 0.85, ...end('Near its critical speed a shaft flies out.') };
export const FRICTION_END = { max: 0.3, ...end('Nothing on a chuck grips better than that.') };
export const HELD_END = {
	min: 1.2,
	max: 20,
	...end('Work held hardly stronger than it is pushed is thrown.')
};
export const GROSS_END = {
	min: 1,
	max: 20,
	...end('Grosser unbalance is a fault to be found, not to be run.')
};
export const CRUSH_END = { max: 2, ...end('Quicker, wheel and roll no longer run together.') };
export const ENTERING_END = {
	min: 0,
	max: 0,
	...end('On the entering side the wheel pulls the dresser in.')
};
export const FREE_RUN_END = { min: 30, max: 36_000, ...end('A wheel is run empty and listened to.') };
export const SHELF_END = { min: 1, max: 36, ...end('An organic bond ages.') };
