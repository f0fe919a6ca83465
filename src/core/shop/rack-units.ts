import { type Field, type Unit, labelOf } from '../calculation/fields.js';
import { type Parsed, type System, parseQuantity } from '../quantity/parse.js';
import { CORE_UNITS } from '../quantity/units.js';
import { WHEEL_FIELDS } from './wheel.js';

/** Units as a heading names them, and as a quantity is read. */
const NAMED: Readonly<Record<string, string>> = {
	mm: 'mm',
	millimeter: 'mm',
	millimetre: 'mm',
	cm: 'cm',
	in: 'in',
	inch: 'in',
	inches: 'in',
	'"': 'in',
	'″': 'in',
	kg: 'kg',
	g: 'g',
	lb: 'lb',
	lbs: 'lb',
	pounds: 'lb',
	'm/s': 'm/s',
	mps: 'm/s',
	sfpm: 'sfpm',
	sfm: 'sfpm',
	fpm: 'sfpm',
	'ft/min': 'sfpm',
	rpm: 'rpm',
	'1/min': 'rpm'
};
const LAST = /[\s_,([{-]*([a-z0-9/]+|["″])[\s)\]}.]*$/i;

/** The unit a heading ends with, and what is left of it. @example headed('Diameter [in]').unit // "in" */
export function headed(heading: string): { name: string; unit: string | null } {
	const last = LAST.exec(heading);
	const unit = last && NAMED[last[1]!.toLowerCase()];
	const name = unit ? heading.slice(0, last.index).trim() : heading;
	// "rpm" and "m/s" are headings by themselves.
	return unit ? { name: name === '' ? heading : name, unit } : { name: heading, unit: null };
}

/** How the bare numbers of a list are meant: by the heading of their column, or else as the whole list is. */
export interface Reading {
	/** What a number means whose column names no unit. */
	bare: System;
	/** Units named in headings, by field. */
	named: Readonly<Record<string, string | null>>;
}
export const AS_MM: Reading = { bare: 'mm', named: {} };

const isBare = (text: string): boolean => /^[+-]?[\d.,]+([\s-]+\d+\/\d+|\/\d+)?$/.test(text.trim());

/** A quantity of a list: with its own unit, that of its column, or that of the list. */
export function readCell(text: string, field: { name: string; unit?: Unit }, how: Reading): Parsed {
	if (!isBare(text)) return parseQuantity(text, field.unit);
	const named = how.named[field.name] ?? null;
	if (named !== null) return parseQuantity(`${text} ${named}`, field.unit);
	return parseQuantity(text, field.unit, how.bare);
}

const HAS_TWO: readonly string[] = ['length', 'speed', 'mass'];
/** Fields of a list whose numbers may be metric or not, and say neither. */
export function unsaid(
	match: Readonly<Record<string, number>>,
	headings: readonly string[],
	bareColumns: readonly boolean[]
): string[] {
	return (WHEEL_FIELDS as readonly Field[])
		.filter((field) => {
			const at = match[field.name];
			if (at === undefined || !bareColumns[at] || field.kind !== 'number' || !field.unit) return false;
			return HAS_TWO.includes(CORE_UNITS[field.unit].kind) && headed(headings[at] ?? '').unit === null;
		})
		.map((field) => labelOf(field));
}

/** Which columns of a list hold a number without its unit. */
export const bareColumns = (rows: readonly (readonly string[])[], columns: number): boolean[] =>
	Array.from({ length: columns }, (_, i) => rows.some((row) => isBare(row[i] ?? '')));

/** The units that headings name, by field. */
export const namedUnits = (
	match: Readonly<Record<string, number>>,
	headings: readonly string[]
): Record<string, string | null> =>
	Object.fromEntries(Object.entries(match).map(([field, at]) => [field, headed(headings[at] ?? '').unit]));
