import type { Unit } from '../calculation/fields.js';
import { ASKED_BACK_UNDER, CORE_UNITS, type CoreUnit, WRITTEN } from './units.js';

export type System = 'mm' | 'inch';
/** A way in which a doubtful number may be meant: as it would be written, and what it comes to. */
interface Meant {
	text: string;
	says: string;
}
export type Parsed = { value: number } | { problem: string; meant?: readonly Meant[] } | { empty: true };

const NUMBER = String.raw`[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?`;
const MIXED = /^([+-]?\d+)(?:\s+|-)(\d+)\/(\d+)\s*(.*)$/;
const FRACTION = /^([+-]?\d+)\/(\d+)\s*(.*)$/;
const PLAIN = new RegExp(`^(${NUMBER})\\s*(.*)$`, 'i');
/** 2,300 could be two thousand three hundred or 2.3: only a spindle speed makes it certain. */
const EITHER = 'either';
const THOUSANDS = /^[+-]?\d{1,3}(,\d{3})+(\.\d+)?(?=\s|[a-z°"%]|$)/i;

/** The number and the unit word in what a person typed, or null. Fractions like 1-1/4, a decimal comma and thousands are understood. */
function split(text: string, spin: boolean): { number: number; unit: string } | null {
	let m = MIXED.exec(text);
	if (m) {
		const whole = Number(m[1]);
		return { number: whole + (m[1]!.startsWith('-') ? -1 : 1) * (Number(m[2]) / Number(m[3])), unit: m[4]! };
	}
	if ((m = FRACTION.exec(text))) return { number: Number(m[1]) / Number(m[2]), unit: m[3]! };
	const thousands = THOUSANDS.exec(text);
	if (thousands) {
		const certain = spin || thousands[2] !== undefined || thousands[0].split(',').length > 2;
		return {
			number: certain ? Number(thousands[0].replace(/,/g, '')) : NaN,
			unit: certain ? text.slice(thousands[0].length).trim() : EITHER
		};
	}
	if ((m = PLAIN.exec(text))) return { number: Number(m[1]!.replace(',', '.')), unit: m[2]! };
	return null;
}

/** A unit's sign as what somebody types is compared with it. */
const plainly = (text: string): string =>
	text.toLowerCase().replace(/µ|μ/g, 'u').replace(/²/g, '2').replace(/³/g, '3').replace(/·/g, ' ');

/** Into a core unit, without the tail that binary fractions leave: 12 in are 304.8 mm. */
const put = (n: number, from: (typeof WRITTEN)[string], base: number): number =>
	Number((((n - (from.zero ?? 0)) * from.toBase) / base).toPrecision(12));

/**
 * Reads a quantity as people write it ("25", "25 um", "0.001\"", "4 tenths", "1-1/4 in", "2300 rpm", "6500 sfm") into a core unit.
 * A bare number is taken in the unit the field shows: the core unit, or its inch counterpart when the setup works in inch.
 */
export function parseQuantity(text: string, unit: Unit | undefined, system: System = 'mm'): Parsed {
	const clean = plainly(text.trim())
		.replace(/[−–]/g, '-')
		.replace(/×10\^?/g, 'e')
		.replace(/''|”|″/g, '"')
		.replace(/\s+/g, ' ');
	if (clean === '') return { empty: true };
	if (clean.length > 60) return { problem: 'That is too long for a number. Enter a number with its unit.' };
	const core = unit ? CORE_UNITS[unit] : undefined;
	const parts = split(clean, core?.kind === 'spin');
	if (parts?.unit === EITHER)
		return {
			problem: `"${text.trim()}" can be read two ways. Write ${text.trim().replace(',', '')} or ${text.trim().replace(',', '.')}.`
		};
	if (!parts || !Number.isFinite(parts.number))
		return {
			problem: `"${text.trim().slice(0, 30)}" is not a number. Enter a number, such as 25${unit ? ` or 25 ${unit}` : ''}.`
		};
	const shown = core?.symbol ?? '';
	const word = parts.unit.trim();
	if (word === '') {
		const inch = system === 'inch' ? core?.inch : undefined;
		const doubt = core?.dial && askedBack(parts.number, core, system);
		if (doubt) return doubt;
		return { value: inch ? put(parts.number, WRITTEN[inch.written]!, core!.base) : parts.number };
	}
	if (core && word === plainly(core.symbol)) return { value: parts.number };
	const written = Object.hasOwn(WRITTEN, word) ? WRITTEN[word] : undefined;
	if (!written)
		return { problem: `"${word.slice(0, 20)}" is not a unit known here.${shown ? ` Enter ${shown}.` : ''}` };
	if (!core)
		return written.kind === 'plain'
			? { value: parts.number }
			: { problem: `This takes a plain number, not ${word}.` };
	if (written.kind !== core.kind) return { problem: `${word} does not fit here. Enter ${shown}.` };
	return { value: put(parts.number, written, core.base) };
}

/** A bare number far under what a dial can show was meant in the large unit: 0.0035 is three and a half thou. It is asked back, never guessed. */
function askedBack(number: number, core: CoreUnit, system: System): Parsed | null {
	if (number === 0 || Math.abs(number) >= ASKED_BACK_UNDER[system]) return null;
	const [large, small, factor] = system === 'inch' ? ['in', 'thou', 1000] : ['mm', core.symbol, 1000];
	const meant = [
		{
			text: `${number} ${large}`,
			says: `${number} ${large} (${Number((number * factor).toPrecision(12))} ${small})`
		},
		{ text: `${number} ${small}`, says: `${number} ${small}` }
	];
	return { problem: `${meant.map((m) => m.says).join(' or ')}? Say which.`, meant };
}
