import type { Unit } from '../calculation/fields.js';

/** The one place that knows inches. Every unit a person may write, as a factor to the core unit of its kind. */
type Kind =
	| 'length'
	| 'speed'
	| 'feed'
	| 'spin'
	| 'time'
	| 'mass'
	| 'torque'
	| 'angle'
	| 'unbalance'
	| 'power'
	| 'force'
	| 'stress'
	| 'area'
	| 'volume'
	| 'removal'
	| 'shake'
	| 'inertia'
	| 'energy'
	| 'acceleration'
	| 'daily-wear'
	| 'slow-feed'
	| 'turn'
	| 'slope'
	| 'volume-rate'
	| 'density'
	| 'stiffness'
	| 'line-force'
	| 'line-power'
	| 'energy-density'
	| 'flow'
	| 'flow-per-width'
	| 'flow-per-power'
	| 'temperature'
	| 'frequency'
	| 'response'
	| 'plain';

interface Written {
	kind: Kind;
	toBase: number;
	/** What this unit reads where the base unit reads nothing: 32 of a Fahrenheit thermometer. */
	zero?: number;
}
const w = (kind: Kind, toBase: number, zero?: number): Written => ({
	kind,
	toBase,
	...(zero === undefined ? {} : { zero })
});
/** A US gallon in litres, a horsepower in kilowatts, a pound-force in newtons. */
const [GALLON, HORSEPOWER, POUND_FORCE] = [3.785411784, 0.745699872, 4.4482216153];

/** Base units: mm, m/s, mm/min, rpm, s, kg, Nm, kW, N, MPa, mm², mm³, mm³ a mm and second, mm/s, kg m², J, degrees, g mm. */
export const WRITTEN: Readonly<Record<string, Written>> = {
	um: w('length', 0.001),
	micron: w('length', 0.001),
	microns: w('length', 0.001),
	mm: w('length', 1),
	cm: w('length', 10),
	m: w('length', 1000),
	in: w('length', 25.4),
	inch: w('length', 25.4),
	inches: w('length', 25.4),
	'"': w('length', 25.4),
	uin: w('length', 2.54e-5),
	thou: w('length', 0.0254),
	mil: w('length', 0.0254),
	tenth: w('length', 0.00254),
	tenths: w('length', 0.00254),
	ft: w('length', 304.8),
	'm/s': w('speed', 1),
	mps: w('speed', 1),
	sfpm: w('speed', 0.3048 / 60),
	sfm: w('speed', 0.3048 / 60),
	'ft/min': w('speed', 0.3048 / 60),
	fpm: w('speed', 0.3048 / 60),
	'm/min': w('speed', 1 / 60),
	'mm/min': w('feed', 1),
	'in/min': w('feed', 25.4),
	ipm: w('feed', 25.4),
	rpm: w('spin', 1),
	'1/min': w('spin', 1),
	'min-1': w('spin', 1),
	'min^-1': w('spin', 1),
	'u/min': w('spin', 1),
	s: w('time', 1),
	sec: w('time', 1),
	min: w('time', 60),
	h: w('time', 3600),
	kg: w('mass', 1),
	g: w('mass', 0.001),
	lb: w('mass', 0.45359237),
	lbs: w('mass', 0.45359237),
	oz: w('mass', 0.028349523125),
	nm: w('torque', 1),
	'lbf ft': w('torque', 1.3558179483),
	'ft lb': w('torque', 1.3558179483),
	'in lb': w('torque', 0.112984829),
	kw: w('power', 1),
	w: w('power', 0.001),
	hp: w('power', HORSEPOWER),
	n: w('force', 1),
	lbf: w('force', POUND_FORCE),
	mpa: w('stress', 1),
	bar: w('stress', 0.1),
	gpa: w('stress', 1000),
	mpsi: w('stress', 6894.7572932),
	'n/cm2': w('stress', 0.01),
	'n/mm2': w('stress', 1),
	psi: w('stress', 0.0068947572932),
	in2: w('area', 645.16),
	cm3: w('volume', 1000),
	mm3: w('volume', 1),
	in3: w('volume', 16387.064),
	'mm3/s': w('volume-rate', 60),
	'mm3/min': w('volume-rate', 1),
	'in3/min': w('volume-rate', 16387.064),
	'in3/in min': w('removal', 645.16 / 60),
	'in/s': w('shake', 25.4),
	'lb ft2': w('inertia', 0.04214011009),
	'ft lbf': w('energy', 1.3558179483),
	deg: w('angle', 1),
	'°': w('angle', 1),
	gmm: w('unbalance', 1),
	'g mm': w('unbalance', 1),
	'g in': w('unbalance', 25.4),
	'oz in': w('unbalance', 720.07789),
	'mm/day': w('daily-wear', 1),
	'in/day': w('daily-wear', 25.4),
	'mm/s2': w('acceleration', 1),
	'm/s2': w('acceleration', 1000),
	'in/s2': w('acceleration', 25.4),
	'um/s': w('slow-feed', 1),
	'thou/s': w('slow-feed', 25.4),
	'mm/m': w('slope', 1),
	'thou/ft': w('slope', 25.4 / 304.8),
	'in/ft': w('slope', 25400 / 304.8),
	'kg/m3': w('density', 1),
	'g/cm3': w('density', 1000),
	'lb/in3': w('density', 27679.90471),
	'n/um': w('stiffness', 1),
	'lbf/thou': w('stiffness', POUND_FORCE / 25.4),
	'n/mm': w('line-force', 1),
	'lbf/in': w('line-force', POUND_FORCE / 25.4),
	'w/mm': w('line-power', 1),
	'hp/in': w('line-power', (1000 * HORSEPOWER) / 25.4),
	'j/mm3': w('energy-density', 1),
	'hp min/in3': w('energy-density', (60000 * HORSEPOWER) / 16387.064),
	'l/min': w('flow', 1),
	'gal/min': w('flow', GALLON),
	gpm: w('flow', GALLON),
	'l/min mm': w('flow-per-width', 1),
	'gal/min in': w('flow-per-width', GALLON / 25.4),
	'l/min kw': w('flow-per-power', 1),
	'gal/min hp': w('flow-per-power', GALLON / HORSEPOWER),
	'°c': w('temperature', 1),
	c: w('temperature', 1),
	'°f': w('temperature', 5 / 9, 32),
	f: w('temperature', 5 / 9, 32),
	hz: w('frequency', 1),
	khz: w('frequency', 1000),
	'deg/s': w('turn', 1),
	'mm/s g mm': w('response', 1),
	'in/s oz in': w('response', 25.4 / 720.07789),
	'thou/in': w('plain', 1),
	'%': w('plain', 1),
	hrc: w('plain', 1)
};

export interface CoreUnit {
	kind: Kind;
	/** base units in one core unit */ base: number;
	symbol: string;
	inch?: { written: string; symbol: string; decimals: number };
	decimals: number;
	/** A dial reads in this: a bare number far under its division was meant in the large unit beside it. */
	dial?: true;
}
const c = (
	kind: Kind,
	base: number,
	symbol: string,
	decimals: number,
	inch?: CoreUnit['inch']
): CoreUnit => ({ kind, base, symbol, decimals, inch });

/** How a core unit reads on screen, in metric and in inch shops. */
export const CORE_UNITS: Readonly<Record<Unit, CoreUnit>> = {
	mm: c('length', 1, 'mm', 2, { written: 'in', symbol: 'in', decimals: 4 }),
	um: { ...c('length', 0.001, 'µm', 1, { written: 'thou', symbol: 'thou', decimals: 2 }), dial: true },
	'um-Ra': c('length', 0.001, 'µm', 2, { written: 'uin', symbol: 'µin', decimals: 0 }),
	'um-dial': { ...c('length', 0.001, 'µm', 1, { written: 'thou', symbol: 'thou', decimals: 2 }), dial: true },
	m: c('length', 1000, 'm', 0, { written: 'ft', symbol: 'ft', decimals: 0 }),
	'um/mm': c('plain', 1, 'µm/mm', 3, { written: 'thou/in', symbol: 'thou/in', decimals: 3 }),
	deg: c('angle', 1, '°', 0),
	rpm: c('spin', 1, 'rpm', 0),
	'm/s': c('speed', 1, 'm/s', 1, { written: 'sfpm', symbol: 'ft/min', decimals: 0 }),
	sfpm: c('speed', 0.3048 / 60, 'ft/min', 0),
	'mm/min': c('feed', 1, 'mm/min', 0, { written: 'in/min', symbol: 'in/min', decimals: 2 }),
	s: c('time', 1, 's', 2),
	h: c('time', 3600, 'h', 1),
	kg: c('mass', 1, 'kg', 2, { written: 'lb', symbol: 'lb', decimals: 2 }),
	g: c('mass', 0.001, 'g', 1, { written: 'oz', symbol: 'oz', decimals: 3 }),
	'g/cm3': c('density', 1000, 'g/cm³', 2, { written: 'lb/in3', symbol: 'lb/in³', decimals: 4 }),
	gmm: c('unbalance', 1, 'g·mm', 0, { written: 'oz in', symbol: 'oz·in', decimals: 3 }),
	N: c('force', 1, 'N', 0, { written: 'lbf', symbol: 'lbf', decimals: 0 }),
	kW: c('power', 1, 'kW', 2, { written: 'hp', symbol: 'hp', decimals: 1 }),
	Nm: c('torque', 1, 'Nm', 1, { written: 'ft lb', symbol: 'ft·lb', decimals: 1 }),
	MPa: c('stress', 1, 'MPa', 2, { written: 'psi', symbol: 'psi', decimals: 0 }),
	mm2: c('area', 1, 'mm²', 0, { written: 'in2', symbol: 'in²', decimals: 3 }),
	mm3: c('volume', 1, 'mm³', 0, { written: 'in3', symbol: 'in³', decimals: 4 }),
	'mm2/s': c('removal', 1, 'mm³/mm·s', 2, { written: 'in3/in min', symbol: 'in³/in·min', decimals: 3 }),
	'mm/s': c('shake', 1, 'mm/s', 2, { written: 'in/s', symbol: 'in/s', decimals: 3 }),
	kgm2: c('inertia', 1, 'kg·m²', 4, { written: 'lb ft2', symbol: 'lb·ft²', decimals: 3 }),
	K: c('plain', 1, 'K', 0),
	'1/K': c('plain', 1, '1/K', 7),
	J: c('energy', 1, 'J', 0, { written: 'ft lbf', symbol: 'ft·lbf', decimals: 0 }),
	'%': c('plain', 1, '%', 1),
	HRC: c('plain', 1, 'HRC', 0),
	'm/min': c('speed', 1 / 60, 'm/min', 2, { written: 'ft/min', symbol: 'ft/min', decimals: 1 }),
	'mm/day': c('daily-wear', 1, 'mm/day', 4, { written: 'in/day', symbol: 'in/day', decimals: 5 }),
	'mm/s2': c('acceleration', 1, 'mm/s²', 0, { written: 'in/s2', symbol: 'in/s²', decimals: 1 }),
	'um/s': c('slow-feed', 1, 'µm/s', 2, { written: 'thou/s', symbol: 'thou/s', decimals: 3 }),
	'deg/s': c('turn', 1, '°/s', 1),
	'mm/m': c('slope', 1, 'mm/m', 3, { written: 'thou/ft', symbol: 'thou/ft', decimals: 2 }),
	cm3: c('volume', 1000, 'cm³', 2, { written: 'in3', symbol: 'in³', decimals: 3 }),
	'mm3/s': c('volume-rate', 60, 'mm³/s', 1, { written: 'in3/min', symbol: 'in³/min', decimals: 3 }),
	'mm3/min': c('volume-rate', 1, 'mm³/min', 1, { written: 'in3/min', symbol: 'in³/min', decimals: 4 }),
	'mm3/min/A': c('plain', 1, 'mm³/min·A', 3),
	'kg/m3': c('density', 1, 'kg/m³', 0, { written: 'lb/in3', symbol: 'lb/in³', decimals: 4 }),
	'N/um': c('stiffness', 1, 'N/µm', 2, { written: 'lbf/thou', symbol: 'lbf/thou', decimals: 1 }),
	'N/mm': c('line-force', 1, 'N/mm', 1, { written: 'lbf/in', symbol: 'lbf/in', decimals: 1 }),
	'N/cm2': c('stress', 0.01, 'N/cm²', 1, { written: 'psi', symbol: 'psi', decimals: 1 }),
	bar: c('stress', 0.1, 'bar', 1, { written: 'psi', symbol: 'psi', decimals: 0 }),
	GPa: c('stress', 1000, 'GPa', 1, { written: 'mpsi', symbol: 'Mpsi', decimals: 2 }),
	W: c('power', 0.001, 'W', 0, { written: 'hp', symbol: 'hp', decimals: 3 }),
	'W/mm': c('line-power', 1, 'W/mm', 1, { written: 'hp/in', symbol: 'hp/in', decimals: 2 }),
	'J/mm3': c('energy-density', 1, 'J/mm³', 1, { written: 'hp min/in3', symbol: 'hp·min/in³', decimals: 2 }),
	'l/min': c('flow', 1, 'l/min', 1, { written: 'gal/min', symbol: 'gal/min', decimals: 2 }),
	'l/min/mm': c('flow-per-width', 1, 'l/min·mm', 2, {
		written: 'gal/min in',
		symbol: 'gal/min·in',
		decimals: 2
	}),
	'l/min/kW': c('flow-per-power', 1, 'l/min·kW', 2, {
		written: 'gal/min hp',
		symbol: 'gal/min·hp',
		decimals: 2
	}),
	C: c('temperature', 1, '°C', 1, { written: '°f', symbol: '°F', decimals: 0 }),
	Hz: c('frequency', 1, 'Hz', 0),
	A: c('plain', 1, 'A', 2),
	'A/mm2': c('plain', 1, 'A/mm²', 1),
	ohm: c('plain', 1, 'ohm', 1),
	carat: c('plain', 1, 'carat', 2),
	min: c('time', 60, 'min', 1),
	'W/mK': c('plain', 1, 'W/m·K', 1),
	'W/m2K': c('plain', 1, 'W/m²·K', 0),
	'mm2/s-heat': c('plain', 1, 'mm²/s', 2),
	'mm/s/gmm': c('response', 1, 'mm/s·g·mm', 5, {
		written: 'in/s oz in',
		symbol: 'in/s·oz·in',
		decimals: 4
	}),
	Nms: c('plain', 1, 'N·m·s', 6),
	day: c('plain', 1, 'days', 0),
	month: c('plain', 1, 'months', 0)
};

/** Under a tenth of what a fine dial shows a bare number is asked back: 0.0035 was meant in inches. */
export const ASKED_BACK_UNDER = { mm: 0.1, inch: 0.02 } as const;
