import { positiveSpectrum, powerOfTwo } from '../../numeric/fft.js';
import { median } from '../../numeric/median.js';
import { NoteBand, tapQ } from './decay.js';
import type { FoundTaps } from './find-taps.js';
import type { Note } from './heard.js';
import type { Group } from './peaks.js';

/** Every note with its decay, and more about the main one. */
export interface Modes {
	modes: Note[];
	/** Of the main note: its decay tap by tap, its energy over time and what is there when nobody taps. */
	tapQ: number[];
	energy: Float64Array;
	noise: number;
}

/** How far apart the two notes of a pair lie, in per cent; 0 without a twin. */
export const twinPct = (g: Group): number =>
	g.twin ? (100 * Math.abs(g.twin.hz - g.leader.hz)) / g.centreHz : 0;

/** Measures how each note dies away; each turn is one piece of work, its value how far it has come. */
export function* measureModes(
	x: Float64Array,
	fs: number,
	taps: FoundTaps,
	groups: readonly Group[],
	main: Group
): Generator<number, Modes, void> {
	const band = new NoteBand(positiveSpectrum(x, powerOfTwo(x.length)), fs, x.length);
	yield 0;
	const margin = Math.floor(0.02 * fs + 0.5);
	const quiet = Math.max(1, taps.leadIn - 2 * margin);
	const found: Modes = { modes: [], tapQ: [], energy: new Float64Array(0), noise: 0 };
	for (const [i, g] of groups.entries()) {
		const energy = band.energy(g.centreHz);
		let noise = 0;
		for (let k = margin; k < taps.leadIn - margin; k++) noise += energy[k]!;
		noise /= quiet;
		const qs = taps.segments.map(([a, b]) => tapQ(energy, a, b, noise, g.centreHz, fs));
		// The energy lies in a work space that the next note uses again.
		if (g === main) Object.assign(found, { tapQ: qs, energy: energy.slice(), noise });
		const q = median(qs);
		found.modes.push({
			frequencyHz: g.centreHz,
			levelDb: 10 * Math.log10(g.leader.power / groups[0]!.leader.power),
			q,
			dampingRatio: q > 0 ? 1 / (2 * q) : null,
			splitPct: twinPct(g)
		});
		yield (i + 1) / groups.length;
	}
	return found;
}
