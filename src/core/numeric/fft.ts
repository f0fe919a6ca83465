import FFT from 'fft.js';

/** Transforms of one size. */
export interface Plan {
	realTransform(out: Float64Array, samples: Float64Array): void;
	inverseTransform(out: Float64Array, spectrum: Float64Array): void;
}
const made = new Map<number, Plan>();
/** The transforms of a size, a power of two; made once. */
export function plan(n: number): Plan {
	let p = made.get(n);
	// The package takes any list of numbers; its types know plain arrays only.
	if (!p) made.set(n, (p = new FFT(n) as unknown as Plan));
	return p;
}

/** The next power of two that is not below n. @example powerOfTwo(1000) // 1024 */
export const powerOfTwo = (n: number): number => 2 ** Math.ceil(Math.log2(Math.max(2, n)));

/** Power of a real signal, zero-padded to `size` (a power of two), for bins 0 to size/2. */
export function powerSpectrum(signal: Float64Array, size: number): Float64Array {
	const padded = new Float64Array(size);
	padded.set(signal);
	const out = new Float64Array(2 * size);
	plan(size).realTransform(out, padded);
	const power = new Float64Array(size / 2 + 1);
	for (let k = 0; k <= size / 2; k++) power[k] = out[2 * k]! ** 2 + out[2 * k + 1]! ** 2;
	return power;
}

/** The whole spectrum of a real signal, zero-padded: interleaved real and imaginary parts of the positive bins, the others left at zero. */
export function positiveSpectrum(signal: Float64Array, size: number): Float64Array {
	const padded = new Float64Array(size);
	padded.set(signal);
	const out = new Float64Array(2 * size);
	plan(size).realTransform(out, padded);
	out.fill(0, size + 2);
	return out;
}

const spaces = new Map<number, { out: Float64Array; energy: Float64Array }>();
/** Squared size of the complex signal with this interleaved spectrum. The answer lies in a work space that the next call of the same size uses again. */
export function envelopeEnergy(spectrum: Float64Array, length: number): Float64Array {
	let space = spaces.get(spectrum.length);
	if (!space)
		spaces.set(
			spectrum.length,
			(space = { out: new Float64Array(spectrum.length), energy: new Float64Array(spectrum.length / 2) })
		);
	const { out, energy } = space;
	plan(spectrum.length / 2).inverseTransform(out, spectrum);
	for (let i = 0; i < length; i++) energy[i] = out[2 * i]! ** 2 + out[2 * i + 1]! ** 2;
	return energy.subarray(0, length);
}
