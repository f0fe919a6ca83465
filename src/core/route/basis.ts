import { quantity } from '../quantity/format.js';
import type { System } from '../quantity/parse.js';
import type { Unit } from '../calculation/fields.js';

/**
 * On what a piece of evidence rests: read off an instrument; found by hand, by eye or by ear in a stated way; taken over from an
 * earlier record; or not known, where a line may do without.
 */
type BasisKind = 'measured' | 'by-hand' | 'still-good' | 'not-known';

export interface Basis {
	kind: BasisKind;
	/** The instrument, or the way: a noun as one says it at the machine. */
	how: string;
	/** How far off it may be. */
	band?: { value: number; unit: Unit };
}

export const measuredWith = (how: string): Basis => ({ kind: 'measured', how });
export const foundBy = (how: string, band?: Basis['band']): Basis => ({
	kind: 'by-hand',
	how,
	...(band ? { band } : {})
});
/** What is simulated was shown by nobody. */
export const SIMULATED: Basis = { kind: 'not-known', how: 'simulated' };

const KINDS: Readonly<Record<BasisKind, string>> = {
	measured: 'measured',
	'by-hand': 'by hand',
	'still-good': 'still good',
	'not-known': 'not known'
};

/** A basis in words: `by hand: pencil line, within 100 µm`. */
export function basisText({ kind, how, band }: Basis, system: System): string {
	const within = band ? `, within ${quantity(band.value, band.unit, system)}` : '';
	// "By hand: by ear" says it twice.
	return kind === 'by-hand' && how.startsWith('by ') ? `${how}${within}` : `${KINDS[kind]}: ${how}${within}`;
}
