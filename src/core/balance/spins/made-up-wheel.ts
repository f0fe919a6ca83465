import { DEG, type Vec, add, angleOf, len, vec } from '../../numeric/angles.js';
import { gauss, mulberry32 } from '../../numeric/random.js';
import { Roll, type Turning, bottomOf, phiOf } from '../stand-physics.js';

/** What the comparison is made with. */
export interface SpinSettings {
	seed: number;
	wheels: number;
	gradeMmPerS: number;
	speedMps: number;
	eccMinUm: number;
	eccMaxUm: number;
	rollingArmMm: number;
	readNoiseDeg: number;
	timeNoiseS: number;
	settingNoiseDeg: number;
	maxSpins: number;
}

export const TRACK_MM = 50;
export const JOURNAL_MM = 12;
const BORE_MM = 76;
const DENSITY_KG_PER_MM3 = 2.1e-6;
const STEP_S = 0.05;
const LONGEST_S = 900;

/** One made-up wheel of the comparison: what it hides, what its person believes, what its weights can do. */
export interface MadeUpWheel {
	massKg: number;
	inertiaKgM2: number;
	believedKgM2: number;
	U: Vec;
	u: number;
	toleranceGmm: number;
	frictionGmm: number;
	diameterMm: number;
}

const seedOf = (s: SpinSettings, i: number, k: number): number =>
	(s.seed + 7919 * i + k * 0x9e3779b9) % 4294967296;
/** The stream of random draws of procedure k on wheel i. */
export const streamOf = (s: SpinSettings, i: number, k: number): (() => number) =>
	mulberry32(seedOf(s, i, k));

/** Wheel number i of a comparison: size, mass and unbalance drawn from the seed. */
export function madeUpWheel(s: SpinSettings, i: number): MadeUpWheel {
	const stream = streamOf(s, i, 0);
	const D = 200 + 200 * stream();
	const W = 20 + 30 * stream();
	const e = s.eccMinUm + (s.eccMaxUm - s.eccMinUm) * stream();
	const angle = 360 * stream();
	const jerr = 0.02 * gauss(stream);
	const mw = (Math.PI / 4) * (D * D - BORE_MM * BORE_MM) * W * DENSITY_KG_PER_MM3;
	const massKg = 1.25 * mw;
	const inertiaKgM2 = (mw * ((D / 2000) ** 2 + (BORE_MM / 2000) ** 2)) / 2 + 0.125 * mw * 0.055 ** 2;
	const omega = (Math.PI * ((60000 * s.speedMps) / (Math.PI * D))) / 30;
	return {
		massKg,
		inertiaKgM2,
		believedKgM2: inertiaKgM2 * (1 + jerr),
		U: vec(massKg * e, angle),
		u: 0.75 * massKg * s.eccMaxUm,
		toleranceGmm: (1000 * massKg * s.gradeMmPerS) / omega,
		frictionGmm: 1000 * massKg * s.rollingArmMm,
		diameterMm: D
	};
}

/** What is left with both weights at these angles. */
export const resultant = (w: MadeUpWheel, anglesDeg: readonly number[]): Vec =>
	anglesDeg.reduce((v, a) => add(v, vec(w.u, a)), w.U);

export interface Release {
	restDeg: number;
	turnings: Turning[];
	bottoms: number[];
	timeS: number;
}
/** Lets the wheel go, as it is now, with this face angle at the bottom. */
export function release(
	s: SpinSettings,
	w: MadeUpWheel,
	now: Vec,
	startBottomDeg: number,
	pushDegPerS = 0
): Release {
	const heavy = angleOf(now);
	const roll = new Roll(
		{
			massKg: w.massKg,
			inertiaKgM2: w.inertiaKgM2,
			unbalanceKgM: len(now) / 1e6,
			rhoM: JOURNAL_MM / 1000,
			rollingArmM: s.rollingArmMm / 1000,
			viscousNmS: 0,
			slope: 0,
			discInertiaKgM2: null
		},
		phiOf(heavy, startBottomDeg),
		-pushDegPerS * DEG
	).run(STEP_S, LONGEST_S);
	return {
		restDeg: bottomOf(heavy, roll.phi),
		turnings: roll.turnings,
		bottoms: roll.turnings.map((turning) => bottomOf(heavy, turning.phi)),
		timeS: roll.t
	};
}
