import { median } from '../../numeric/median.js';
import { findOnsets } from './onsets.js';

const LEAD_IN_S = 0.1;
const MIN_SNR_DB = 20;
const SEGMENT_S = 0.1;
const MAX_SNR_DB = 120;

const half = (x: number): number => Math.floor(x + 0.5);
function meanSquare(x: Float64Array, from: number, to: number): number {
	let s = 0;
	const end = Math.min(to, x.length);
	for (let i = from; i < end; i++) s += x[i]! * x[i]!;
	return end > from ? s / (end - from) : 0;
}

/** What the taps came to, as far as they could be told before something was in the way. */
export interface FoundTaps {
	onsets: readonly number[];
	/** Samples of quiet before the first tap. */
	leadIn: number;
	snrDb: number | null;
	/** The stretch of each tap that rings on long enough. */
	segments: [number, number][];
	unusable: 'no-taps' | 'no-lead-in' | 'too-few-taps' | 'noisy' | null;
}

/** Where somebody tapped, whether it was quiet enough before, and which stretch belongs to each tap. */
export function findTaps(x: Float64Array, fs: number, minTaps: number): FoundTaps {
	const { samples: onsets, firstFrame, frame } = findOnsets(x, fs);
	const leadIn = Math.max(0, firstFrame - 2) * frame;
	const found: FoundTaps = { onsets, leadIn, snrDb: null, segments: [], unusable: null };
	if (!onsets.length) return { ...found, unusable: 'no-taps' };
	if (leadIn / fs < LEAD_IN_S) return { ...found, unusable: 'no-lead-in' };
	if (onsets.length < minTaps) return { ...found, unusable: 'too-few-taps' };
	const quiet = meanSquare(x, 0, leadIn);
	const aboveQuiet = (o: number) =>
		quiet > 0
			? Math.min(MAX_SNR_DB, 10 * Math.log10(meanSquare(x, o, o + half(0.02 * fs)) / quiet))
			: MAX_SNR_DB;
	const snrDb = median(onsets.map(aboveQuiet));
	if (snrDb < MIN_SNR_DB) return { ...found, snrDb, unusable: 'noisy' };
	// The knock itself is left out at its beginning, the next one at its end.
	const segments = onsets
		.map((onset, i): [number, number] => {
			const next = i + 1 < onsets.length ? onsets[i + 1]! - half(0.02 * fs) : Infinity;
			return [onset + half(0.01 * fs), Math.floor(Math.min(onset + fs, next, x.length))];
		})
		.filter(([a, b]) => (b - a) / fs >= SEGMENT_S);
	const unusable = segments.length < minTaps ? 'too-few-taps' : null;
	return { ...found, snrDb, segments, unusable };
}
