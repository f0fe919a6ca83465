import { SPEED_STEPS } from './grit-tables.js';
import { plainNumber } from '../numeric/rounding.js';

export interface Wanted {
	marking: string;
	diameterMm: number;
	widthMm: number;
	boreMm: number;
	spindleRpm: number;
	quantity: number;
}

/**
 * The least of the usual marked speeds that this spindle needs at that diameter; null when none is high enough.
 * @example speedToOrder(2300, 300) // 40
 */
export function speedToOrder(diameterMm: number, spindleRpm: number): number | null {
	const mps = (Math.PI * diameterMm * spindleRpm) / 60000;
	return SPEED_STEPS.find((s) => s >= mps) ?? null;
}

/** One line to order a wheel by: quantity, size, marking in standard order, and the speed it must be marked for. */
export function orderLine(w: Wanted): string {
	const speed = speedToOrder(w.diameterMm, w.spindleRpm);
	const size = [w.diameterMm, w.widthMm, w.boreMm].map(plainNumber).join('x');
	return `${w.quantity} x ${/^[DB]\d/.test(w.marking) ? '' : '1-'}${size} ${w.marking}, marked for at least ${speed === null ? `${Math.ceil(w.spindleRpm)} rpm` : `${speed} m/s`}`;
}
