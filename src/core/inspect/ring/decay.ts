import { envelopeEnergy } from '../../numeric/fft.js';

const PASS = 0.1;
const STOP = 0.15;
const BLOCK_S = 0.02;

/** The notes of one recording, each as its energy over time: its band alone, as a complex signal. The work space is kept from note to note. */
export class NoteBand {
	private readonly kept: Float64Array;
	private filled: [number, number] = [0, 0];
	constructor(
		private readonly spectrum: Float64Array,
		private readonly fs: number,
		private readonly length: number
	) {
		this.kept = new Float64Array(spectrum.length);
	}

	/** Energy at each sample; overwritten by the next call. */
	energy(centreHz: number): Float64Array {
		const size = this.spectrum.length / 2;
		this.kept.fill(0, 2 * this.filled[0], 2 * this.filled[1] + 2);
		const hz = this.fs / size;
		const from = Math.max(1, Math.floor((centreHz * (1 - STOP)) / hz));
		const to = Math.min(size / 2 - 1, Math.ceil((centreHz * (1 + STOP)) / hz));
		for (let k = from; k <= to; k++) {
			const off = Math.abs((k * hz) / centreHz - 1);
			const w = off >= STOP ? 0 : off <= PASS ? 2 : 1 + Math.cos((Math.PI * (off - PASS)) / (STOP - PASS));
			this.kept[2 * k] = w * this.spectrum[2 * k]!;
			this.kept[2 * k + 1] = w * this.spectrum[2 * k + 1]!;
		}
		this.filled = [from, to];
		return envelopeEnergy(this.kept, this.length);
	}
}

/**
 * The rate s of an energy falling as exp(-s t) and cut off at T, from its mean time: 1/s - T/(exp(sT) - 1) = m.
 * @example rateFromMean(0.1, 1) // 9.9954411
 */
export function rateFromMean(meanS: number, T: number): number {
	const f = (s: number) => 1 / s - T / Math.expm1(s * T);
	let low = 0.04 / T;
	let high = 1e6;
	if (meanS <= 0) return high;
	if (meanS >= f(low)) return low;
	for (let i = 0; i < 200; i++) {
		const mid = (low + high) / 2;
		if (f(mid) > meanS) low = mid;
		else high = mid;
	}
	return (low + high) / 2;
}

/** How long one tap rings at one note: Q = 2 pi f/s, 0 when it is gone before the first look. */
export function tapQ(
	energy: Float64Array,
	from: number,
	to: number,
	noise: number,
	hz: number,
	fs: number
): number {
	const block = Math.max(1, Math.floor(BLOCK_S * fs + 0.5));
	let end = to;
	for (let b = from; b + block <= to; b += block) {
		let sum = 0;
		for (let i = b; i < b + block; i++) sum += energy[i]!;
		if (sum / block < 4 * noise) {
			end = b;
			break;
		}
	}
	const T = (end - from) / fs;
	if (T <= 0) return 0;
	let weight = 0;
	let moment = 0;
	for (let i = from; i < end; i++) {
		const g = energy[i]! - noise;
		weight += g;
		moment += ((i - from) / fs) * g;
	}
	return (2 * Math.PI * hz) / rateFromMean(moment / weight, T);
}
