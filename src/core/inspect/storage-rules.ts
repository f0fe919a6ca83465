import { coarseBond, isOrganic } from '../spec/families.js';
import { MOUNTED_POINT } from '../spec/shape-tables.js';

export interface Stored {
	shape: string;
	bondFamily: string | null;
	diameterMm: number;
	widthMm: number;
}
const THIN = 1 / 25;
const SMALL_MM = 80;

/** How a wheel of this kind is kept on the rack, the rule that matters most first. General practice; what its maker says goes before it. */
export function storageRules(w: Stored): string[] {
	const organic = isOrganic(w.bondFamily ?? 'vitrified');
	const thin = w.widthMm / w.diameterMm < THIN || w.shape === '41' || w.shape === '27';
	const lay =
		thin && organic
			? 'Flat on a flat steel plate, never on edge: thin organic wheels warp.'
			: w.shape === '2'
				? 'On its flat side, with soft pieces between it and the next.'
				: w.shape === '6' || w.shape === '11' || w.shape === '12'
					? 'On its flat side, large side down; never hung by the thin rim.'
					: w.shape === MOUNTED_POINT || w.diameterMm <= SMALL_MM
						? 'In a drawer or box of its own kind, not loose among others.'
						: 'On edge in the rack, held at two places so that it cannot roll.';
	const air =
		coarseBond(w.bondFamily ?? '') === 'magnesia'
			? 'Dry above all: this bond takes up water and fails.'
			: organic
				? 'Dry, dark and cool; no oil, no solvent, no frost. The oldest goes first.'
				: 'Dry, no frost, no jolts. Never on bare concrete.';
	return [lay, air];
}
