import type { Heard } from './listen.js';

/** A recording as it is drawn: few enough points to be shown at once. */
export interface RingPicture {
	seconds: number;
	/** Lowest and highest sample of each slice of the recording. */
	low: number[];
	high: number[];
	taps: TapPicture[];
	/** The averaged notes over the whole band, in decibels below the strongest. */
	band: { hz: number; db: number }[];
}
interface TapPicture {
	atS: number;
	notes: { hz: number; db: number }[];
	decay: { s: number; db: number }[];
}

const SLICES = 720;
const MAX_TAPS = 24;
const WINDOW = 0.08;
const FLOOR_DB = -60;
const db = (power: number, of: number): number =>
	Math.max(FLOOR_DB, 10 * Math.log10(Math.max(power, 1e-300) / of));

/** Thinned to `most` points, each the strongest of its slice. */
function strongest(
	power: Float64Array,
	from: number,
	to: number,
	hzPerBin: number,
	most: number,
	of: number
): { hz: number; db: number }[] {
	const step = Math.max(1, (to - from) / most);
	const out: { hz: number; db: number }[] = [];
	for (let a = from; a < to; a += step) {
		let best = Math.floor(a);
		for (let k = best; k < Math.min(to, a + step); k++) if (power[k]! > power[best]!) best = k;
		out.push({ hz: best * hzPerBin, db: db(power[best]!, of) });
	}
	return out;
}

/** Draws what was heard. Without a trace (a recording that cannot be judged) only its shape. */
export function ringPicture(samples: Float64Array, fs: number, { result, trace }: Heard): RingPicture {
	const low = new Array<number>(SLICES).fill(0);
	const high = new Array<number>(SLICES).fill(0);
	for (let i = 0; i < samples.length; i++) {
		const k = Math.floor((i / samples.length) * SLICES);
		if (samples[i]! < low[k]!) low[k] = samples[i]!;
		if (samples[i]! > high[k]!) high[k] = samples[i]!;
	}
	if (!trace)
		return {
			seconds: samples.length / fs,
			low,
			high,
			taps: result.onsetsS.map((atS) => ({ atS, notes: [], decay: [] })),
			band: []
		};
	const { hzPerBin } = trace.average;
	const peak = (power: Float64Array, from: number, to: number) => {
		let m = 1e-300;
		for (let k = from; k < to; k++) m = Math.max(m, power[k]!);
		return m;
	};
	const from = Math.max(1, Math.floor((trace.main.leader.hz * (1 - WINDOW)) / hzPerBin));
	const to = Math.min(
		trace.average.power.length - 1,
		Math.ceil((trace.main.leader.hz * (1 + WINDOW)) / hzPerBin)
	);
	const taps = trace.taps.slice(0, MAX_TAPS).map((tap, i): TapPicture => {
		const [a, b] = trace.segments[i]!;
		const block = Math.max(1, Math.floor((b - a) / 60));
		const decay: { s: number; db: number }[] = [];
		let first = 0;
		for (let k = a; k + block <= b; k += block) {
			let sum = 0;
			for (let j = k; j < k + block; j++) sum += trace.energy[j]!;
			const level = Math.max(sum / block - trace.noise, 1e-300);
			first ||= level;
			const d = 10 * Math.log10(level / first);
			if (d < FLOOR_DB) break;
			decay.push({ s: (k - a) / fs, db: d });
		}
		return {
			atS: a / fs - 0.01,
			notes: strongest(tap.power, from, to, hzPerBin, 200, peak(tap.power, from, to)),
			decay
		};
	});
	const { power, low: bandLow, high: bandHigh } = trace.average;
	return {
		seconds: samples.length / fs,
		low,
		high,
		taps,
		band: strongest(power, bandLow, bandHigh, hzPerBin, 320, peak(power, bandLow, bandHigh))
	};
}
