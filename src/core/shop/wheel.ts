import { choice, date, kg, mm, mps, over0, rpm, text } from '../calculation/field/index.js';
import type { Field, Values } from '../calculation/fields.js';
import { RACK_SHAPES } from '../spec/shape-tables.js';
import { BORE_MM, RATED_MPS, RATED_RPM, WHEEL_DIAMETER_MM, WHEEL_MASS_KG, WHEEL_WIDTH_MM } from './ranges.js';

/** A wheel of the rack that a pack may take: held by nobody, in date, marked with a speed, its bore for the arbor. */
export interface FreeWheel {
	number: string;
	marking: string;
	diameterMm: number;
	newDiameterMm: number;
	widthMm: number;
	boreMm: number;
	ratedMps: number | null;
	ratedRpm: number | null;
}

/** What is asked when a wheel is added to the rack. */
export const WHEEL_FIELDS = [
	text('number', 'Yours, as on its tag', {
		required: true,
		maxLength: 20,
		pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$',
		patternSays: 'may hold letters, digits, dots and dashes only',
		label: 'Wheel number'
	}),
	text('marking', 'What is printed, as it stands', {
		required: true,
		minLength: 1,
		maxLength: 160,
		label: 'Marking'
	}),
	mm('newDiameterMm', 'From the label', { ...WHEEL_DIAMETER_MM, required: true, label: 'Diameter when new' }),
	mm('diameterMm', 'Measured', { ...WHEEL_DIAMETER_MM, required: true, label: 'Diameter today' }),
	mm('widthMm', 'Measured', { ...WHEEL_WIDTH_MM, required: true, label: 'Width' }),
	mm('boreMm', 'Measured; of a mounted point its shank', { ...BORE_MM, required: true, label: 'Bore' }),
	mm('rimDepthMm', 'Diamond and boron nitride; from the marking when empty', {
		...over0(500),
		label: 'Abrasive rim, depth'
	}),
	mm('rimWidthMm', 'Of a cup or dish; from the marking when empty', {
		...over0(1000),
		label: 'Rim of a face, width'
	}),
	mm('minDiameterMm', 'Not below this', { ...WHEEL_DIAMETER_MM, required: true, label: 'Scrap diameter' }),
	kg('massKg', 'Weighed or from the label; reckoned from its size when empty', {
		...WHEEL_MASS_KG,
		label: 'Mass when new'
	}),
	mps('ratedMps', 'If printed', { ...RATED_MPS, label: 'Marked speed' }),
	rpm('ratedRpm', 'If printed', { ...RATED_RPM, label: 'Marked rpm' }),
	choice('shape', 'ISO 603 number; 1 is straight, 52 a mounted point', RACK_SHAPES, {
		numeric: true,
		default: '1',
		label: 'Type'
	}),
	date('madeOn', 'Marked on organic bonds', { label: 'Made on' }),
	date('expiresOn', 'Organic bonds; from the date it was made when empty', { label: 'Use by' }),
	text('place', 'Bay or shelf', { required: true, maxLength: 40, label: 'Place' })
] as const satisfies readonly Field[];

type Asked = Values<typeof WHEEL_FIELDS>;
/** A new wheel; what its marking may tell can be left out. */
export type NewWheel = Omit<Asked, 'madeOn' | 'rimDepthMm' | 'rimWidthMm' | 'massKg'> &
	Partial<Pick<Asked, 'madeOn' | 'rimDepthMm' | 'rimWidthMm' | 'massKg'>>;
