import { CORE_UNITS } from './units.js';
import { quantity } from './format.js';
import type { Unit } from '../calculation/fields.js';
import type { System } from './parse.js';

/** Signs of units as sentences of the core write them; the longer before the shorter. */
const SIGNS: Readonly<Record<string, Unit>> = {
	'mm/min': 'mm/min',
	'm/s': 'm/s',
	mm: 'mm',
	µm: 'um',
	um: 'um',
	kg: 'kg',
	Nm: 'Nm'
};
const METRIC = new RegExp(
	String.raw`(?<![\w.])(-?\d+(?:\.\d+)?) ?(${Object.keys(SIGNS).join('|')})(?![\w/])`,
	'g'
);

/**
 * A sentence for a setup in inches: behind every metric figure stands what it is there. The metric one stays, because a limit named
 * without its unit beside it is meant in the same.
 * @example alsoInches('The rest stands 3.5 mm from the wheel; at most 3.', 'inch') // "The rest stands 3.5 mm (0.1378 in) from the wheel; at most 3."
 */
export function alsoInches(words: string, system: System): string {
	if (system === 'mm') return words;
	return words.replace(METRIC, (whole, n: string, sign: string) => {
		const unit = SIGNS[sign]!;
		return CORE_UNITS[unit].inch ? `${whole} (${quantity(Number(n), unit, 'inch')})` : whole;
	});
}
