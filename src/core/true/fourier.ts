import { DEG, fold360 } from '../numeric/angles.js';
import { leastSquares } from '../numeric/least-squares.js';

export interface Harmonic {
	order: number;
	amplitudeUm: number;
	angleDeg: number;
}
export interface FourierFit {
	meanUm: number;
	harmonics: Harmonic[];
	condition: number;
}

/** Coefficients for equally spaced angles: the usual sums, which are the least-squares fit there. */
function equalSteps(values: readonly number[], angles: readonly number[], orders: number): number[] {
	const n = values.length;
	const solution = [values.reduce((s, value) => s + value, 0) / n];
	for (let k = 1; k <= orders; k++) {
		let a = 0;
		let b = 0;
		values.forEach((value, i) => {
			a += value * Math.cos(k * angles[i]! * DEG);
			b += value * Math.sin(k * angles[i]! * DEG);
		});
		solution.push((2 * a) / n, (2 * b) / n);
	}
	return solution;
}

/** Least-squares Fourier fit of readings at face angles, orders 1 to `orders`. Amplitudes in the unit of the readings. */
export function fourierFit(
	values: readonly number[],
	anglesDeg: readonly number[],
	orders: number,
	equallySpaced: boolean
): FourierFit {
	let solution: number[];
	let condition = 1;
	if (equallySpaced) solution = equalSteps(values, anglesDeg, orders);
	else {
		const rows = anglesDeg.map((t) => [
			1,
			...Array.from({ length: orders }, (_, i) => [
				Math.cos((i + 1) * t * DEG),
				Math.sin((i + 1) * t * DEG)
			]).flat()
		]);
		({ solution, condition } = leastSquares(rows, [...values]));
	}
	const harmonics = Array.from({ length: orders }, (_, i) => {
		const [a, b] = [solution[1 + 2 * i]!, solution[2 + 2 * i]!];
		const amplitudeUm = Math.hypot(a, b);
		return {
			order: i + 1,
			amplitudeUm,
			angleDeg: amplitudeUm < 1e-9 ? 0 : fold360(Math.atan2(b, a) / DEG) / (i + 1)
		};
	});
	return { meanUm: solution[0]!, harmonics, condition };
}
