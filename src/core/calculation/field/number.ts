import type { NumberField, Unit } from '../fields.js';

/** Everything about a number but its name, meaning and unit. */
export type NumberOptions = Partial<Omit<NumberField, 'kind' | 'name' | 'about' | 'unit'>>;
type Made<K extends NumberField['kind'], N extends string, O> = {
	kind: K;
	name: N;
	about: string;
} & NoInfer<O>;
type Measured<N extends string, O> = Made<'number', N, O> & { unit?: Unit };

/** Above nothing, up to `max`: a length, a mass, a speed that something must have. */
export const over0 = (max: number): { min: number; minOpen: true; max: number } => ({
	min: 0,
	minOpen: true,
	max
});
/** From nothing up to `max`. */
export const from0 = (max: number): { min: number; max: number } => ({ min: 0, max });
/** From `min` to `max`, both of them included. */
export const between = (min: number, max: number): { min: number; max: number } => ({ min, max });

const noOptions = {};

/** A number without a unit: a ratio, a score, a number of turns. */
export function number<const N extends string, const O extends NumberOptions = object>(
	name: N,
	about: string,
	options?: O
): Made<'number', N, O> {
	return { name, kind: 'number', about, ...(options ?? (noOptions as O)) };
}

/** A whole number: pieces, passes, screws. */
export function whole<const N extends string, const O extends NumberOptions = object>(
	name: N,
	about: string,
	options?: O
): Made<'integer', N, O> {
	return { name, kind: 'integer', about, ...(options ?? (noOptions as O)) };
}

/** A whole number of something that has a unit. */
export function wholeOf(unit: Unit) {
	return <const N extends string, const O extends NumberOptions = object>(
		name: N,
		about: string,
		options?: O
	): Made<'integer', N, O> & { unit: Unit } => ({
		name,
		kind: 'integer',
		unit,
		about,
		...(options ?? (noOptions as O))
	});
}

/** The builder of numbers in one unit; the name of a field ends with it. Without a unit it builds plain numbers. */
export function inUnit(unit: Unit | undefined) {
	return <const N extends string, const O extends NumberOptions = object>(
		name: N,
		about: string,
		options?: O
	): Measured<N, O> => ({ name, kind: 'number', unit, about, ...(options ?? (noOptions as O)) });
}

export const mm = inUnit('mm');
export const um = inUnit('um');
export const roughnessUm = inUnit('um-Ra');
export const dialUm = inUnit('um-dial');
export const metres = inUnit('m');
export const umPerMm = inUnit('um/mm');
export const mm2 = inUnit('mm2');
export const mm3 = inUnit('mm3');
export const deg = inUnit('deg');
export const rpm = inUnit('rpm');
export const mps = inUnit('m/s');
export const sfpm = inUnit('sfpm');
export const mmPerMin = inUnit('mm/min');
export const mmPerS = inUnit('mm/s');
export const removal = inUnit('mm2/s');
export const seconds = inUnit('s');
export const hours = inUnit('h');
export const months = inUnit('month');
export const kg = inUnit('kg');
export const grams = inUnit('g');
export const gPerCm3 = inUnit('g/cm3');
export const gmm = inUnit('gmm');
export const kgM2 = inUnit('kgm2');
export const newtons = inUnit('N');
export const kilowatts = inUnit('kW');
export const newtonMetres = inUnit('Nm');
export const megapascals = inUnit('MPa');
export const kelvin = inUnit('K');
export const perKelvin = inUnit('1/K');
export const percent = inUnit('%');
export const hrc = inUnit('HRC');
export const minutes = inUnit('min');
export const metresPerMin = inUnit('m/min');
export const mmPerS2 = inUnit('mm/s2');
export const degPerS = inUnit('deg/s');
export const mmPerM = inUnit('mm/m');
export const cm3 = inUnit('cm3');
export const mm3PerMinPerA = inUnit('mm3/min/A');
export const kgPerM3 = inUnit('kg/m3');
export const newtonsPerUm = inUnit('N/um');
export const newtonsPerMm = inUnit('N/mm');
export const newtonsPerCm2 = inUnit('N/cm2');
export const bar = inUnit('bar');
export const gigapascals = inUnit('GPa');
export const watts = inUnit('W');
export const joulesPerMm3 = inUnit('J/mm3');
export const litresPerMin = inUnit('l/min');
export const litresPerMinMm = inUnit('l/min/mm');
export const litresPerMinKw = inUnit('l/min/kW');
export const celsius = inUnit('C');
export const hertz = inUnit('Hz');
export const amperes = inUnit('A');
export const amperesPerMm2 = inUnit('A/mm2');
export const ohms = inUnit('ohm');
export const carats = inUnit('carat');
export const filmCoefficient = inUnit('W/m2K');
export const unbalanceResponse = inUnit('mm/s/gmm');
export const viscousDrag = inUnit('Nms');
