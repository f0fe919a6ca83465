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
export function* balancingHead(values: HeadInput): Generator<HeadState, HeadState> {
	const rng = mulberry32(values.seed);
	const U = vec(values.unbalanceGmm, values.heavyAngleDeg);
	const true_ = (a: number, b: number) =>
		values.sensitivityMmPerSPerGmm * len(add(U, add(vec(values.massGmm, a), vec(values.massGmm, b))));
	let measurements = 0;
	const measure = (a: number, b: number) => {
		measurements++;
		return values.noiseMmPerS > 0 ? Math.abs(true_(a, b) + values.noiseMmPerS * gauss(rng)) : true_(a, b);
	};
	let [a, b, step] = [values.start1AngleDeg, values.start2AngleDeg, values.stepDeg];
	let now = measure(a, b);
	const state = (): HeadState => ({
		mass1AngleDeg: a,
		mass2AngleDeg: b,
		measuredMmPerS: now,
		measurements,
		stepDeg: step
	});
	yield state();
	const over = () => now <= values.targetMmPerS || measurements >= values.maxMeasurements;
	while (!over() && step >= values.minStepDeg) {
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
export function residual(values: HeadInput, s: HeadState): Vec {
	return add(
		vec(values.unbalanceGmm, values.heavyAngleDeg),
		add(vec(values.massGmm, s.mass1AngleDeg), vec(values.massGmm, s.mass2AngleDeg))
	);
}
