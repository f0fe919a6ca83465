import { angleOf, len } from '../../numeric/angles.js';
import { mulberry32 } from '../../numeric/random.js';
import { nudge } from '../spins/by-feel.js';
import {
	type MadeUpWheel,
	type SpinSettings,
	JOURNAL_MM,
	madeUpWheel,
	resultant
} from '../spins/made-up-wheel.js';
import { pushedSwing } from '../spins/pushed.js';
import { Roll, type StandModel, bottomOf, phiOf } from '../stand-physics.js';

/** One round at the practice stand: everything in it follows from its seed. */
const settingsOf = (seed: number): SpinSettings => ({
	seed,
	wheels: 1,
	gradeMmPerS: 2.5,
	speedMps: 30,
	eccMinUm: 40,
	eccMaxUm: 200,
	rollingArmMm: 0.004,
	readNoiseDeg: 3,
	timeNoiseS: 0.2,
	settingNoiseDeg: 1,
	maxSpins: 60
});
/** The wheel of a practice round: the same for the same seed. */
export const practiceWheel = (seed: number): MadeUpWheel => madeUpWheel(settingsOf(seed), 0);
/**
 * Where the wheel is let go at a release, as chance would have it.
 * @example startAngle(12, 0) // 103.73433
 */
export const startAngle = (seed: number, spin: number): number =>
	360 * mulberry32((seed ^ Math.imul(spin, 0x9e3779b9)) >>> 0)();

/** The stand's physics for the wheel as it is, with its weights at these angles. */
export function modelOf(
	w: MadeUpWheel,
	weightsDeg: readonly number[]
): { model: StandModel; heavyAngleDeg: number } {
	const now = resultant(w, weightsDeg);
	return {
		heavyAngleDeg: angleOf(now),
		model: {
			massKg: w.massKg,
			inertiaKgM2: w.inertiaKgM2,
			unbalanceKgM: len(now) / 1e6,
			rhoM: JOURNAL_MM / 1000,
			rollingArmM: 0.000004,
			viscousNmS: 0,
			slope: 0,
			discInertiaKgM2: null
		}
	};
}

/** A whole release: the face angle at the bottom and the way rolled, sixty times a second, and its turning points. */
export interface Trajectory {
	hz: number;
	bottomDeg: Float32Array;
	wayMm: Float32Array;
	turningS: number[];
	restDeg: number;
}
const HZ = 60;
const LONGEST_S = 900;
/** A whole release on the practice stand, sixty pictures a second, until it settles or 900 s have gone. */
export function trajectory(
	seed: number,
	weightsDeg: readonly number[],
	startBottomDeg: number,
	pushDegPerS: number
): Trajectory {
	const { model, heavyAngleDeg } = modelOf(practiceWheel(seed), weightsDeg);
	const phi0 = phiOf(heavyAngleDeg, startBottomDeg);
	const roll = new Roll(model, phi0, (-pushDegPerS * Math.PI) / 180);
	const bottom: number[] = [startBottomDeg];
	const way: number[] = [0];
	let [lastT, lastPhi, next] = [0, phi0, 1 / HZ];
	while (!roll.settled && roll.t < LONGEST_S) {
		roll.step(1 / HZ);
		// A turning point ends a step early: what is drawn keeps to its own sixtieths.
		while (next <= roll.t + 1e-9) {
			const f = roll.t > lastT ? Math.min(1, (next - lastT) / (roll.t - lastT)) : 1;
			const phi = lastPhi + f * (roll.phi - lastPhi);
			bottom.push(bottomOf(heavyAngleDeg, phi));
			way.push(JOURNAL_MM * (phi0 - phi));
			next += 1 / HZ;
		}
		[lastT, lastPhi] = [roll.t, roll.phi];
	}
	bottom.push(bottomOf(heavyAngleDeg, roll.phi));
	way.push(JOURNAL_MM * (phi0 - roll.phi));
	return {
		hz: HZ,
		bottomDeg: Float32Array.from(bottom),
		wayMm: Float32Array.from(way),
		turningS: roll.turnings.map((turning) => turning.timeS),
		restDeg: bottomOf(heavyAngleDeg, roll.phi)
	};
}

export interface Judged {
	residualGmm: number;
	toleranceGmm: number;
	inside: boolean;
	heavyAngleDeg: number;
}
/** What is left with the weights where somebody left them. */
export function judge(seed: number, weightsDeg: readonly number[]): Judged {
	const w = practiceWheel(seed);
	const now = resultant(w, weightsDeg);
	return {
		residualGmm: len(now),
		toleranceGmm: w.toleranceGmm,
		inside: len(now) <= w.toleranceGmm,
		heavyAngleDeg: angleOf(now)
	};
}
/** How many releases this very wheel takes by the computed way and by feel, on the same stand with a person's noise. */
export function parOf(seed: number): { computed: number; feel: number } {
	const settings = settingsOf(seed);
	const w = practiceWheel(seed);
	return { computed: pushedSwing(settings, w, 0), feel: nudge(settings, w, 0) };
}
