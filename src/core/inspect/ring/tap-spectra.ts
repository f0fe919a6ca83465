import { powerOfTwo, powerSpectrum } from '../../numeric/fft.js';
import { type Spectrum, refinedHz } from './peaks.js';

const HIGHEST_HZ = 10_000;
const NEAR = 0.06;

/** One tap's spectrum, its power as a share of what the band holds. */
function tapSpectrum(x: Float64Array, [from, to]: [number, number], like: Omit<Spectrum, 'power'>): Spectrum {
	const windowed = x.slice(from, to);
	// Fading out keeps the end of the stretch from sounding like another knock.
	for (let i = 0; i < windowed.length; i++)
		windowed[i]! *= 0.5 * (1 + Math.cos((Math.PI * i) / windowed.length));
	const power = powerSpectrum(windowed, like.size);
	let inBand = 0;
	for (let k = like.low; k <= like.high; k++) inBand += power[k]!;
	for (let k = 0; k < power.length; k++) power[k]! /= inBand || 1;
	return { ...like, power };
}

/** The spectrum of each tap and of all together; each turn is one tap. */
export function* tapSpectra(
	x: Float64Array,
	segments: readonly [number, number][],
	fs: number,
	bandLowHz: number
): Generator<number, { taps: Spectrum[]; average: Spectrum }, void> {
	const size = powerOfTwo(2 * fs);
	const hzPerBin = fs / size;
	const low = Math.ceil(bandLowHz / hzPerBin);
	const high = Math.floor(Math.min(HIGHEST_HZ, 0.45 * fs) / hzPerBin);
	const like = { size, hzPerBin, low, high };
	const taps: Spectrum[] = [];
	const average: Spectrum = { ...like, power: new Float64Array(size / 2 + 1) };
	for (const [i, s] of segments.entries()) {
		const t = tapSpectrum(x, s, like);
		for (let k = 0; k < average.power.length; k++) average.power[k]! += t.power[k]! / segments.length;
		taps.push(t);
		yield (i + 1) / segments.length;
	}
	return { taps, average };
}

/** The strongest note of one tap close to the leader. */
export function noteNear(t: Spectrum, leaderHz: number): number {
	let best = Math.max(1, Math.ceil((leaderHz * (1 - NEAR)) / t.hzPerBin));
	for (let k = best; k <= Math.floor((leaderHz * (1 + NEAR)) / t.hzPerBin); k++)
		if (t.power[k]! > t.power[best]!) best = k;
	return refinedHz(t, best);
}
