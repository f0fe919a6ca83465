import type { Field, Values } from '../calculation/fields.js';
import { SHAPE_NUMBERS } from '../spec/shape-tables.js';

const mm = <const N extends string>(name: N, label: string, about: string) => ({ name, kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 3000, required: true, label, about }) as const;
/** A wheel of the rack that a pack may take: held by nobody, in date, marked with a speed, its bore for the arbor. */
export interface FreeWheel { number: string; marking: string; diameterMm: number; widthMm: number; boreMm: number; ratedMps: number | null; ratedRpm: number | null }

/** What is asked when a wheel is added to the rack. */
export const WHEEL_FIELDS = [
	{ name: 'number', kind: 'text', required: true, maxLength: 20, pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$', patternSays: 'may hold letters, digits, dots and dashes only', label: 'Wheel number', about: 'Yours, as on its tag' },
	{ name: 'marking', kind: 'text', required: true, minLength: 1, maxLength: 160, label: 'Marking', about: 'What is printed, as it stands' },
	mm('newDiameterMm', 'Diameter when new', 'From the label'), mm('diameterMm', 'Diameter today', 'Measured'), mm('widthMm', 'Width', 'Measured'), mm('boreMm', 'Bore', 'Measured'), mm('minDiameterMm', 'Scrap diameter', 'Not below this'),
	{ name: 'massKg', kind: 'number', unit: 'kg', min: 0, minOpen: true, max: 2000, required: true, label: 'Mass when new', about: 'Weighed or from the label' },
	{ name: 'ratedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 500, label: 'Marked speed', about: 'If printed' }, { name: 'ratedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, label: 'Marked rpm', about: 'If printed' },
	{ name: 'shape', kind: 'choice', choices: SHAPE_NUMBERS, numeric: true, default: '1', label: 'Type', about: 'ISO 603 number; 1 is straight' }, { name: 'madeOn', kind: 'date', label: 'Made on', about: 'Marked on organic bonds' }, { name: 'expiresOn', kind: 'date', label: 'Use by', about: 'Organic bonds; from the date it was made when empty' }, { name: 'place', kind: 'text', required: true, maxLength: 40, label: 'Place', about: 'Bay or shelf' }
] as const satisfies readonly Field[];

export type NewWheel = Omit<Values<typeof WHEEL_FIELDS>, 'madeOn'> & { madeOn?: string | null };
