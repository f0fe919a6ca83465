import {
	between,
	choice,
	deg,
	from0,
	gmm as gmmField,
	grams as gramsField,
	kg as kgField,
	kgM2,
	mm,
	mmPerS,
	over0,
	whole,
	VIBRATION_END
} from '../calculation/field/index.js';
/** Fields that several calculations of the stand share: one wording, one range. */
export const angle = <const N extends string>(name: N, about: string) =>
	deg(name, about, between(-36000, 36000));
/** An unbalance, in g mm. */
export const gmm = <const N extends string>(name: N, about: string) => gmmField(name, about, from0(1e8));
/** A mass that turns, in kg. */
export const kg = <const N extends string>(name: N, about: string) => kgField(name, about, over0(5000));
/** Mass of a weight or a trial, in grams; not nothing. */
export const grams = <const N extends string>(name: N, about: string) => gramsField(name, about, over0(1e5));
/** Radius of weights, holes and trials. */
export const radius = <const N extends string>(name: N, about: string) => mm(name, about, between(1, 1000));
export const journal = mm('arborRadiusMm', 'Where the arbor rolls', {
	...over0(500),
	required: true,
	label: 'Journal radius'
});
export const seed = whole('seed', 'The same seed, the same run', { ...from0(4294967295), default: 1 });
export const standType = choice('standType', 'Straight edges or discs', ['edges', 'discs'], {
	default: 'edges',
	label: 'Stand'
});
/** A vibration reading, in mm/s root mean square. */
export const vibration = <const N extends string>(name: N, about: string) => mmPerS(name, about, from0(1000));
/** Where a vibration is too rough to run with; no shop allows itself more than the hard end. */
export const stopMmPerS = mmPerS('stopMmPerS', 'Root mean square; reached is too rough (guideline)', {
	...from0(7.1),
	...VIBRATION_END,
	label: 'Too rough to run from',
	guideline: true,
	default: 4.5,
	advanced: true
});
/** Of a stand with discs; straight edges have none. */
export const DISCS = [
	mm('discRadiusMm', 'Stand discs', between(1, 1000)),
	kgM2('discInertiaKgM2', 'All discs together', from0(100))
] as const;
export const DISCS_WHY = 'A stand with discs needs it.';
