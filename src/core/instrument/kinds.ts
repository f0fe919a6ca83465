import type { Unit } from '../calculation/fields.js';

/** What the shop reads from: each kind gives one quantity, in units that can stand for it. */
export const INSTRUMENT_KINDS = ['dial', 'tachometer', 'presetter', 'vibration'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];
export const INSTRUMENT_UNITS: Readonly<Record<InstrumentKind, Unit>> = {
	dial: 'um',
	tachometer: 'rpm',
	presetter: 'mm',
	vibration: 'mm/s'
};
export const INSTRUMENT_WORDS: Readonly<Record<InstrumentKind, string>> = {
	dial: 'dial indicator',
	tachometer: 'tachometer',
	presetter: 'presetter',
	vibration: 'vibration meter'
};
