import { median } from '../../numeric/median.js';
import { coversPair } from '../tap-plan.js';
import { findTaps } from './find-taps.js';
import type { Heard, ListenSettings, RingResult } from './heard.js';
import { judgeRinging, unusableFor } from './judge.js';
import { measureModes, twinPct } from './measure-modes.js';
import { type Group, type Spectrum, findPeaks, groupPeaks } from './peaks.js';
import { prepare } from './prepare.js';
import { noteNear, tapSpectra } from './tap-spectra.js';

export type { Heard, ListenSettings, Ring, RingResult } from './heard.js';

/** Limits of Q by bond: hard bonds sing, organic ones hum. */
export const qLimits = (bond: string): { clearQ: number; dullQ: number } =>
	bond === 'vitrified' || bond === 'silicate' ? { clearQ: 120, dullQ: 50 } : { clearQ: 40, dullQ: 15 };

const EMPTY = {
	tapCount: 0,
	onsetsS: [],
	snrDb: null,
	modes: [],
	mainFrequencyHz: null,
	q: null,
	dampingRatio: null,
	decayTimeS: null,
	splitPct: null,
	splitResolvablePct: null,
	frequencyShiftPct: null,
	tapQ: [],
	tapFrequencyHz: [],
	pairCovered: null
};

/** The note that fits what is expected, or else the strongest. */
function mainOf(groups: readonly Group[], expectedHz: number | null): { main: Group; fits: boolean } {
	if (expectedHz === null) return { main: groups[0]!, fits: true };
	const fitting = groups.find(
		(group) => group.leader.hz >= 0.7 * expectedHz && group.leader.hz <= 1.4 * expectedHz
	);
	return { main: fitting ?? groups[0]!, fits: fitting !== undefined };
}

/** How far the strongest note stands above what is between the notes. */
const toneOf = (strongest: Group, { power, low, high }: Spectrum): number =>
	10 *
	Math.log10(strongest.leader.power / Math.max(median(Array.from(power.subarray(low, high + 1))), 1e-300));

/** How far the note differs from tap to tap, in per cent. */
function spreadPct(hz: readonly number[]): number {
	const mean = hz.reduce((a, b) => a + b, 0) / hz.length;
	return (100 * (Math.max(...hz) - Math.min(...hz))) / mean;
}

/**
 * Listens to a recording step by step: each turn of the generator is one piece of work, its value how far it has come (0 to 1),
 * so that whoever drives it can show progress, stop, or let others in between. What is listened to is put `into` a list of its own, or
 * over the recording itself where nobody needs that afterwards.
 */
export function* listening(
	raw: Float64Array,
	fs: number,
	values: ListenSettings,
	into?: Float64Array
): Generator<number, Heard, void> {
	const { samples: x, peak, clippedFraction, unusable: tooQuiet } = prepare(raw, into);
	const base = { releases: false as const, peak, clippedFraction };
	const unusable = (code: string, known: Partial<RingResult> = {}): Heard => ({
		result: { ring: 'unusable-recording', ...EMPTY, ...known, ...base, ...unusableFor(code).judged() },
		trace: null
	});
	if (tooQuiet) return unusable(tooQuiet);

	const taps = findTaps(x, fs, values.minTaps);
	yield 0.03;
	const { onsets, snrDb, segments } = taps;
	const found = { tapCount: onsets.length, onsetsS: onsets.map((onset) => onset / fs), snrDb };
	if (taps.unusable) return unusable(taps.unusable, found);

	const spectra = yield* within(0.05, 0.35, tapSpectra(x, segments, fs, values.bandLowHz));
	const groups = groupPeaks(spectra.average, findPeaks(spectra.average));
	if (!groups.length) return unusable('no-taps', found);
	const { main, fits } = mainOf(groups, values.expectedFrequencyHz);

	const { modes, tapQ, energy, noise } = yield* within(0.45, 1, measureModes(x, fs, taps, groups, main));
	const q = median(tapQ);
	const tapFrequencyHz = spectra.taps.map((tap) => noteNear(tap, main.leader.hz));
	const splitPct = Math.max(twinPct(main), spreadPct(tapFrequencyHz));
	const splitResolvablePct = q > 0 ? 100 / q : null;
	const shiftPct = values.baseline ? 100 * (main.centreHz / values.baseline.frequencyHz - 1) : null;
	const pairCovered =
		values.tapAnglesDeg !== null &&
		values.tapAnglesDeg.length === onsets.length &&
		coversPair(values.tapAnglesDeg);
	const findings = judgeRinging({
		toneDb: toneOf(groups[0]!, spectra.average),
		q,
		dullQ: values.dullQ,
		clearQ: values.clearQ,
		splitPct: splitResolvablePct !== null && splitPct > splitResolvablePct ? splitPct : 0,
		shiftPct,
		baselineQ: values.baseline?.q ?? null,
		tapQs: tapQ,
		unexpected: !fits,
		pairCovered
	});
	const ring = findings.verdict === 'stop' ? 'dull' : findings.verdict === 'caution' ? 'doubtful' : 'clear';
	return {
		result: {
			ring,
			...base,
			...found,
			modes,
			mainFrequencyHz: main.centreHz,
			q,
			dampingRatio: q > 0 ? 1 / (2 * q) : null,
			decayTimeS: q / (Math.PI * main.centreHz),
			splitPct,
			splitResolvablePct,
			frequencyShiftPct: shiftPct,
			tapQ,
			tapFrequencyHz,
			pairCovered,
			...findings.judged()
		},
		trace: { segments, taps: spectra.taps, average: spectra.average, main, energy, noise }
	};
}

/** Runs a stage and tells its progress as a part of the whole. */
function* within<T>(from: number, to: number, stage: Generator<number, T, void>): Generator<number, T, void> {
	for (;;) {
		const s = stage.next();
		if (s.done) return s.value;
		yield from + (to - from) * s.value;
	}
}

/** Listens to the end without a stop between; `into` as for `listening`. */
export function listen(raw: Float64Array, fs: number, values: ListenSettings, into?: Float64Array): Heard {
	const steps = listening(raw, fs, values, into);
	for (;;) {
		const s = steps.next();
		if (s.done) return s.value;
	}
}
