import type { Unit } from '../calculation/fields.js';

/** The one place that knows inches. Every unit a person may write, as a factor to the core unit of its kind. */
export type Kind =
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
	| 'plain';

interface Written {
	kind: Kind;
	toBase: number;
}
const w = (kind: Kind, toBase: number): Written => ({ kind, toBase });

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
	hp: w('power', 0.745699872),
	lbf: w('force', 4.4482216153),
	mpa: w('stress', 1),
	bar: w('stress', 0.1),
	psi: w('stress', 0.0068947572932),
	in2: w('area', 645.16),
	in3: w('volume', 16387.064),
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
	'%': w('plain', 1),
	hrc: w('plain', 1)
};

export interface CoreUnit {
	kind: Kind;
	/** base units in one core unit */ base: number;
	symbol: string;
	inch?: { written: string; symbol: string; decimals: number };
	decimals: number;
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
	um: c('length', 0.001, 'µm', 1, { written: 'in', symbol: 'in', decimals: 5 }),
	'um-Ra': c('length', 0.001, 'µm', 2, { written: 'uin', symbol: 'µin', decimals: 0 }),
	'um-dial': c('length', 0.001, 'µm', 1, { written: 'thou', symbol: 'thou', decimals: 2 }),
	m: c('length', 1000, 'm', 0, { written: 'ft', symbol: 'ft', decimals: 0 }),
	'um/mm': c('plain', 1, 'µm/mm', 3),
	deg: c('angle', 1, '°', 0),
	rpm: c('spin', 1, 'rpm', 0),
	'm/s': c('speed', 1, 'm/s', 1, { written: 'sfpm', symbol: 'ft/min', decimals: 0 }),
	sfpm: c('speed', 0.3048 / 60, 'ft/min', 0),
	'mm/min': c('feed', 1, 'mm/min', 0, { written: 'in/min', symbol: 'in/min', decimals: 2 }),
	s: c('time', 1, 's', 2),
	h: c('time', 3600, 'h', 1),
	kg: c('mass', 1, 'kg', 2, { written: 'lb', symbol: 'lb', decimals: 2 }),
	g: c('mass', 0.001, 'g', 1, { written: 'oz', symbol: 'oz', decimals: 3 }),
	'g/cm3': c('plain', 1, 'g/cm³', 2),
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
	day: c('plain', 1, 'days', 0),
	month: c('plain', 1, 'months', 0)
};
