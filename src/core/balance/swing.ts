import { InputFault } from '../calculation/fault.js';
import { fold360, wrap180 } from '../numeric/angles.js';

/** What the marks or the swings to one side tell: how wide, how fast it dies, where the middle is. */
export interface Swing {
	amplitudeDeg: number;
	lossDeg: number;
	ratio: number;
	heavyAngleDeg: number | null;
}

const WIDEST_DEG = 170;

function fromTurningAngles([b1, b2, b3]: number[]): Swing {
	const d1 = wrap180(b2! - b1!);
	const d2 = wrap180(b3! - b2!);
	if (!(d1 * d2 < 0 && Math.abs(d2) <= Math.abs(d1) + 1e-9 && Math.abs(d1) <= WIDEST_DEG)) {
		throw new InputFault(
			'turningAnglesDeg',
			'not-a-swing',
			'These three marks are not one dying swing. Let it settle into swings of less than half a turn and mark three turning points in a row.'
		);
	}
	return {
		amplitudeDeg: (Math.abs(d1) + Math.abs(d2)) / 4,
		lossDeg: Math.max(0, Math.abs(d1) - Math.abs(d2)),
		ratio: Math.min(1, Math.abs(d2) / Math.abs(d1)) ** 2,
		heavyAngleDeg: fold360(b1! + (2 * d1 + (d1 + d2)) / 4)
	};
}

/** Reads the swing from three turning marks, or from amplitudes, or takes a small undamped one. @throws InputFault */
export function readSwing(values: {
	turningAnglesDeg: number[] | null;
	amplitude1Deg: number | null;
	amplitude2Deg: number | null;
	restAngleDeg: number | null;
	swings: number;
}): Swing {
	if (values.turningAnglesDeg && (values.amplitude1Deg !== null || values.amplitude2Deg !== null))
		throw new InputFault(
			'turningAnglesDeg',
			'give-one-of',
			'Give either the three turning marks or the amplitudes, not both.'
		);
	if (values.turningAnglesDeg) return fromTurningAngles(values.turningAnglesDeg);
	const heavyAngleDeg = values.restAngleDeg === null ? null : fold360(values.restAngleDeg);
	if (values.amplitude1Deg === null) {
		if (values.amplitude2Deg !== null)
			throw new InputFault('amplitude1Deg', 'missing', 'First amplitude is missing. Enter both or neither.');
		return { amplitudeDeg: 0, lossDeg: 0, ratio: 1, heavyAngleDeg };
	}
	if (values.amplitude2Deg === null)
		return { amplitudeDeg: values.amplitude1Deg, lossDeg: 0, ratio: 1, heavyAngleDeg };
	if (values.amplitude2Deg > values.amplitude1Deg)
		throw new InputFault(
			'amplitude2Deg',
			'above-maximum',
			`Last amplitude ${values.amplitude2Deg} is wider than the first, ${values.amplitude1Deg}. A swing dies; check the marks.`
		);
	return {
		amplitudeDeg: (values.amplitude1Deg + values.amplitude2Deg) / 2,
		lossDeg: (values.amplitude1Deg - values.amplitude2Deg) / values.swings,
		ratio: (values.amplitude2Deg / values.amplitude1Deg) ** (1 / values.swings),
		heavyAngleDeg
	};
}

/**
 * Arithmetic-geometric mean: gives the exact period of a pendulum at any amplitude.
 * @example agm(1, 2) // 1.456791
 */
export function agm(a: number, b: number): number {
	while (Math.abs(a - b) > 1e-15 * Math.abs(a)) [a, b] = [(a + b) / 2, Math.sqrt(a * b)];
	return (a + b) / 2;
}
