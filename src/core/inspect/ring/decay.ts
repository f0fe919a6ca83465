import { envelopeEnergy } from '../../numeric/fft.js';

const PASS = 0.1;
const STOP = 0.15;
const BLOCK_S = 0.02;

/** Energy of one note over time: its band alone, as a complex signal. */
export function bandEnergy(spectrum: Float64Array, centreHz: number, fs: number, length: number): Float64Array {
	const size = spectrum.length / 2;
	const kept = new Float64Array(spectrum.length);
	for (let k = 1; k < size / 2; k++) {
		const off = Math.abs((k * fs) / size / centreHz - 1);
		if (off >= STOP) continue;
		const w = 2 * (off <= PASS ? 1 : 0.5 * (1 + Math.cos((Math.PI * (off - PASS)) / (STOP - PASS))));
		kept[2 * k] = w * spectrum[2 * k]!;
		kept[2 * k + 1] = w * spectrum[2 * k + 1]!;
	}
	return envelopeEnergy(kept, length);
}

/** The rate s of an energy falling as exp(-s t) and cut off at T, from its mean time: 1/s - T/(exp(sT) - 1) = m. */
export function rateFromMean(meanS: number, T: number): number {
	const f = (s: number) => 1 / s - T / Math.expm1(s * T);
	let low = 0.04 / T;
	let high = 1e6;
	if (meanS <= 0) return high;
	if (meanS >= f(low)) return low;
	for (let i = 0; i < 200; i++) { const mid = (low + high) / 2; if (f(mid) > meanS) low = mid; else high = mid; }
	return (low + high) / 2;
}

/** How long one tap rings at one note: Q = 2 pi f/s, 0 when it is gone before the first look. */
export function tapQ(energy: Float64Array, from: number, to: number, noise: number, hz: number, fs: number): number {
	const block = Math.max(1, Math.floor(BLOCK_S * fs + 0.5));
	let end = to;
	for (let b = from; b + block <= to; b += block) {
		let sum = 0;
		for (let i = b; i < b + block; i++) sum += energy[i]!;
		if (sum / block < 4 * noise) { end = b; break; }
	}
	const T = (end - from) / fs;
	if (T <= 0) return 0;
	let weight = 0;
	let moment = 0;
	for (let i = from; i < end; i++) { const g = energy[i]! - noise; weight += g; moment += ((i - from) / fs) * g; }
	return (2 * Math.PI * hz) / rateFromMean(moment / weight, T);
}
