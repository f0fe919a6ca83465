import { type Vec, add, len, vec } from '../numeric/angles.js';
import { gauss, mulberry32 } from '../numeric/random.js';

export interface HeadInput {
	unbalanceGmm: number;
	heavyAngleDeg: number;
	massGmm: number;
	sensitivityMmPerSPerGmm: number;
	start1AngleDeg: number;
	start2AngleDeg: number;
	stepDeg: number;
	minStepDeg: number;
	targetMmPerS: number;
	maxMeasurements: number;
	noiseMmPerS: number;
	seed: number;
}
export interface HeadState {
	mass1AngleDeg: number;
	mass2AngleDeg: number;
	measuredMmPerS: number;
	measurements: number;
	stepDeg: number;
}
const MOVES: readonly (readonly [number, number])[] = [
	[1, 1],
	[-1, -1],
	[1, -1],
	[-1, 1],
	[1, 0],
	[-1, 0],
	[0, 1],
	[0, -1]
];
const GAIN = 1e-6;

/**
 * A balancing head with two driven masses that sees only how much it shakes: tries moves, keeps those that shake less, halves its
 * step when none does. Gives its state after the first measurement and after every accepted move.
 */
export function* balancingHead(v: HeadInput): Generator<HeadState, HeadState> {
	const rng = mulberry32(v.seed);
	const U = vec(v.unbalanceGmm, v.heavyAngleDeg);
	const true_ = (a: number, b: number) =>
		v.sensitivityMmPerSPerGmm * len(add(U, add(vec(v.massGmm, a), vec(v.massGmm, b))));
	let measurements = 0;
	const measure = (a: number, b: number) => {
		measurements++;
		return v.noiseMmPerS > 0 ? Math.abs(true_(a, b) + v.noiseMmPerS * gauss(rng)) : true_(a, b);
	};
	let [a, b, step] = [v.start1AngleDeg, v.start2AngleDeg, v.stepDeg];
	let now = measure(a, b);
	const state = (): HeadState => ({
		mass1AngleDeg: a,
		mass2AngleDeg: b,
		measuredMmPerS: now,
		measurements,
		stepDeg: step
	});
	yield state();
	const over = () => now <= v.targetMmPerS || measurements >= v.maxMeasurements;
	while (!over() && step >= v.minStepDeg) {
		let accepted = false;
		for (const [s1, s2] of MOVES) {
			while (!over()) {
				const [na, nb] = [a + s1 * step, b + s2 * step];
				const value = measure(na, nb);
				if (!(value < now - GAIN)) break;
				[a, b, now, accepted] = [na, nb, value, true];
				yield state();
			}
			if (over()) break;
		}
		if (!accepted) step /= 2;
	}
	return state();
}

/** What really remains with the masses where they are. */
export function residual(v: HeadInput, s: HeadState): Vec {
	return add(
		vec(v.unbalanceGmm, v.heavyAngleDeg),
		add(vec(v.massGmm, s.mass1AngleDeg), vec(v.massGmm, s.mass2AngleDeg))
	);
}
