/** Abrasive and bond families with the letters that are printed for them (ISO 525 and widespread trade letters). */
export const ABRASIVE_FAMILIES = [
	'alumina',
	'alumina-white',
	'alumina-pink',
	'alumina-ruby',
	'alumina-mono',
	'alumina-zirconia',
	'alumina-ceramic',
	'silicon-carbide',
	'silicon-carbide-green',
	'cbn',
	'diamond'
] as const;
export type AbrasiveFamily = (typeof ABRASIVE_FAMILIES)[number];

/** Letters of conventional abrasives; SA is ambiguous and read as single-crystal alumina first. */
export const ABRASIVE_LETTERS: Readonly<Record<string, AbrasiveFamily>> = {
	A: 'alumina',
	AE: 'alumina',
	WA: 'alumina-white',
	PA: 'alumina-pink',
	RA: 'alumina-ruby',
	HA: 'alumina-mono',
	AZ: 'alumina-zirconia',
	ZA: 'alumina-zirconia',
	Z: 'alumina-zirconia',
	CA: 'alumina-ceramic',
	SA: 'alumina-mono',
	C: 'silicon-carbide',
	GC: 'silicon-carbide-green'
};

/** The letters a recommendation prints for a family. */
export const LETTERS_OF_FAMILY: Readonly<Record<AbrasiveFamily, string>> = {
	alumina: 'A',
	'alumina-white': 'WA',
	'alumina-pink': 'PA',
	'alumina-ruby': 'RA',
	'alumina-mono': 'HA',
	'alumina-zirconia': 'AZ',
	'alumina-ceramic': 'CA',
	'silicon-carbide': 'C',
	'silicon-carbide-green': 'GC',
	cbn: 'B',
	diamond: 'D'
};

/** What the wheel's grain is called in the shop. */
export const FAMILY_NAMES: Readonly<Record<AbrasiveFamily, string>> = {
	alumina: 'aluminium oxide',
	'alumina-white': 'white aluminium oxide',
	'alumina-pink': 'pink aluminium oxide',
	'alumina-ruby': 'ruby aluminium oxide',
	'alumina-mono': 'single-crystal aluminium oxide',
	'alumina-zirconia': 'zirconia alumina',
	'alumina-ceramic': 'ceramic aluminium oxide',
	'silicon-carbide': 'silicon carbide',
	'silicon-carbide-green': 'green silicon carbide',
	cbn: 'cubic boron nitride',
	diamond: 'diamond'
};

export const BOND_FAMILIES = [
	'vitrified',
	'silicate',
	'resin',
	'resin-reinforced',
	'rubber',
	'rubber-reinforced',
	'shellac',
	'magnesia',
	'plastic',
	'metal',
	'crushable-metal',
	'hybrid',
	'plated'
] as const;
export type BondFamily = (typeof BOND_FAMILIES)[number];

/** Conventional bond letters, in the order in which they are looked for inside a run of letters. */
export const BOND_LETTERS: Readonly<Record<string, BondFamily>> = {
	BF: 'resin-reinforced',
	RF: 'rubber-reinforced',
	MG: 'magnesia',
	PL: 'plastic',
	V: 'vitrified',
	B: 'resin',
	R: 'rubber',
	E: 'shellac'
};

/** Bond letters of superabrasive wheels; K, E, G and S are trade usage. */
export const SUPER_BOND_LETTERS: Readonly<Record<string, BondFamily>> = {
	B: 'resin',
	K: 'resin',
	M: 'metal',
	V: 'vitrified',
	E: 'plated',
	G: 'plated',
	S: 'plated'
};

/** The coarser word some calculations use: reinforced and plastic bonds count as resin, reinforced rubber as rubber. */
export function coarseBond(bond: BondFamily | string): string {
	if (bond === 'resin-reinforced' || bond === 'plastic') return 'resin';
	return bond === 'rubber-reinforced' ? 'rubber' : bond;
}

/** Bonds that age: they carry a date and hum instead of ringing. */
export function isOrganic(bond: string): boolean {
	return ['resin', 'rubber', 'shellac'].includes(coarseBond(bond));
}

/** The coarse group used for dressing: alumina, silicon-carbide, cbn or diamond. */
export function abrasiveGroup(family: string): 'alumina' | 'silicon-carbide' | 'cbn' | 'diamond' {
	if (family.startsWith('alumina')) return 'alumina';
	if (family.startsWith('silicon-carbide')) return 'silicon-carbide';
	return family === 'cbn' ? 'cbn' : 'diamond';
}
