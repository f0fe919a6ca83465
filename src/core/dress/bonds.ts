import { choice } from '../calculation/field/index.js';

/** What a bond counts as when it is dressed. */
export type DressBond = 'vitrified' | 'resin' | 'rubber' | 'metal' | 'crushable-metal' | 'hybrid' | 'plated';

/** The finer words for a bond, and what each is treated as. */
const TREATED_AS: Readonly<Record<string, DressBond>> = {
	vitrified: 'vitrified',
	resin: 'resin',
	rubber: 'rubber',
	metal: 'metal',
	'crushable-metal': 'crushable-metal',
	hybrid: 'hybrid',
	plated: 'plated',
	'resin-reinforced': 'resin',
	plastic: 'resin',
	shellac: 'resin',
	magnesia: 'resin',
	'rubber-reinforced': 'rubber',
	silicate: 'vitrified'
};

export const BOND_FIELD = choice('bond', 'Bond of the wheel', Object.keys(TREATED_AS), { required: true });

/** What can be done with a bond: which kind it counts as, and whether it may be crushed (silicate never is). */
export function bondOf(word: string): {
	bond: DressBond;
	crushable: boolean;
	tough: boolean;
	plated: boolean;
} {
	const bond = TREATED_AS[word] ?? 'vitrified';
	return {
		bond,
		crushable: (bond === 'vitrified' && word !== 'silicate') || bond === 'crushable-metal',
		tough: bond === 'metal' || bond === 'crushable-metal' || bond === 'hybrid',
		plated: bond === 'plated'
	};
}

/** Resistance a rim may have for sparks to jump, in ohm (guideline). */
const MAX_OHM = 5;

/** Whether sparks can jump to this bond: metal does unless a reading says otherwise, hybrid only when a reading says so. */
export function conducts(word: string, ohm: number | null): boolean {
	const { bond } = bondOf(word);
	if (bond === 'metal' || bond === 'crushable-metal') return ohm === null || ohm <= MAX_OHM;
	return bond === 'hybrid' && ohm !== null && ohm <= MAX_OHM;
}
