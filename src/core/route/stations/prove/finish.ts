import { choice } from '../../../calculation/field/index.js';
import { type Basis, foundBy, measuredWith } from '../../basis.js';

/** By how much the roughness may really be more than was found: a class of a comparison plate is a factor of two (guidelines). */
const UP_TO = { meter: 1, plate: 2, finger: 4 } as const;
const BASIS: Readonly<Record<keyof typeof UP_TO, Basis>> = {
	meter: measuredWith('roughness meter'),
	plate: foundBy('comparison plate, a class either way'),
	finger: foundBy('fingernail, two classes either way')
};

export const FINISH_FOUND_BY = choice('raBy', 'How the finish was found', ['meter', 'plate', 'finger'], {
	default: 'meter',
	label: 'Finish found by'
});

/** Ra as it was entered; a release of before that was asked says nothing of how. */
interface Finish {
	raUm: number | null;
	raBy?: keyof typeof UP_TO;
}
/** The roughness at the worse end of how it was found; null where nobody looked. */
export const finishAtMostUm = ({ raUm, raBy = 'meter' }: Finish): number | null =>
	raUm === null ? null : raUm * UP_TO[raBy];
export const finishBasis = ({ raBy = 'meter' }: Finish): Basis => BASIS[raBy];
/** Compared, not read: a bound. */
export const isFinishBound = ({ raBy = 'meter' }: Finish): boolean => raBy !== 'meter';
