/** Fields that several calculations of the stand share: one wording, one range. */
export const angle = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'deg', min: -36000, max: 36000, about }) as const;
export const gmm = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'gmm', min: 0, max: 1e8, about }) as const;
export const kg = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'kg', min: 0, minOpen: true, max: 5000, about }) as const;
/** Mass of a weight or a trial, in grams; not nothing. */
export const grams = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'g', min: 0, minOpen: true, max: 1e5, about }) as const;
/** Radius of weights, holes and trials. */
export const radius = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'mm', min: 1, max: 1000, about }) as const;
export const journal = { name: 'arborRadiusMm', kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 500, required: true, label: 'Journal radius', about: 'Where the arbor rolls' } as const;
export const seed = { name: 'seed', kind: 'integer', min: 0, max: 4294967295, default: 1, about: 'The same seed, the same run' } as const;
export const standType = { name: 'standType', kind: 'choice', choices: ['edges', 'discs'], default: 'edges', label: 'Stand', about: 'Straight edges or discs' } as const;
export const vibration = <const N extends string>(name: N, about: string) => ({ name, kind: 'number', unit: 'mm/s', min: 0, max: 1000, about }) as const;
/** Of a stand with discs; straight edges have none. */
export const DISCS = [{ name: 'discRadiusMm', kind: 'number', unit: 'mm', min: 1, max: 1000, about: 'Stand discs' }, { name: 'discInertiaKgM2', kind: 'number', unit: 'kgm2', min: 0, max: 100, about: 'All discs together' }] as const;
export const DISCS_WHY = 'A stand with discs needs it.';
