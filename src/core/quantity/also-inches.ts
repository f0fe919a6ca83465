import { CORE_UNITS } from './units.js';
import { figure, quantity } from './format.js';
import type { Unit } from '../calculation/fields.js';
import type { System } from './parse.js';

/** Signs of units as sentences of the core write them; the longer before the shorter. */
const SIGNS: Readonly<Record<string, Unit>> = {
	'mm/min': 'mm/min',
	'm/min': 'm/min',
	'l/min': 'l/min',
	'J/mm³': 'J/mm3',
	'N/cm²': 'N/cm2',
	bar: 'bar',
	'm/s': 'm/s',
	'g mm': 'gmm',
	'g·mm': 'gmm',
	'mm/s': 'mm/s',
	mm: 'mm',
	µm: 'um',
	um: 'um',
	kg: 'kg',
	kW: 'kW',
	Nm: 'Nm',
	N: 'N',
	MPa: 'MPa'
};
const NUMBER = String.raw`-?\d+(?:\.\d+)?`;
const METRIC = new RegExp(
	String.raw`(?<![\w.])(?:(${NUMBER}) (to) )?(${NUMBER}) ?(${Object.keys(SIGNS).join('|')})(?![\w/]| \()`,
	'g'
);

/**
 * A sentence for a setup in inches: behind every metric figure, and every pair of figures with one unit, stands what it is there. The
 * metric one stays, so that it can be held against what is written elsewhere.
 * @example alsoInches('The rest stands 3.5 mm from the wheel; at most 3 mm.', 'inch') // "The rest stands 3.5 mm (0.1378 in) from the wheel; at most 3 mm (0.1181 in)."
 */
export function alsoInches(words: string, system: System): string {
	if (system === 'mm') return words;
	return words.replace(
		METRIC,
		(whole, from: string | undefined, between: string, n: string, sign: string) => {
			const unit = SIGNS[sign]!;
			if (!CORE_UNITS[unit].inch) return whole;
			const first = from === undefined ? '' : `${figure(Number(from), unit, 'inch')} ${between} `;
			return `${whole} (${first}${quantity(Number(n), unit, 'inch')})`;
		}
	);
}
