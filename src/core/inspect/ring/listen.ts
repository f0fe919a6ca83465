import type { Reason, Verdict } from '../../calculation/verdict.js';
import { positiveSpectrum, powerOfTwo, powerSpectrum } from '../../numeric/fft.js';
import { median } from '../../numeric/median.js';
import { coversPair } from '../tap-plan.js';
import { NoteBand, tapQ } from './decay.js';
import { judgeRinging, unusableFor } from './judge.js';
import { findOnsets } from './onsets.js';
import { type Group, type Spectrum, findPeaks, groupPeaks, refinedHz } from './peaks.js';

const SILENT = 0.003;
const CLIPPED = 0.985;
const CLIPPED_SHARE = 0.0005;
const LEAD_IN_S = 0.1;
const LEAST_SNR_DB = 20;
const SEGMENT_S = 0.1;
const NEAR = 0.06;

export interface ListenSettings {
	minTaps: number;
	bandLowHz: number;
	clearQ: number;
	dullQ: number;
	tapAnglesDeg: readonly number[] | null;
	expectedFrequencyHz: number | null;
	baseline: { frequencyHz: number; q: number } | null;
}
export interface Note {
	frequencyHz: number;
	levelDb: number;
	q: number;
	dampingRatio: number | null;
	splitPct: number;
}
export type Ring = 'clear' | 'doubtful' | 'dull' | 'unusable-recording';
export interface RingResult {
	ring: Ring;
	releases: false;
	peak: number;
	clippedFraction: number;
	tapCount: number;
	onsetsS: number[];
	snrDb: number | null;
	modes: Note[];
	mainFrequencyHz: number | null;
	q: number | null;
	dampingRatio: number | null;
	decayTimeS: number | null;
	splitPct: number | null;
	splitResolvablePct: number | null;
	frequencyShiftPct: number | null;
	tapQ: number[];
	tapFrequencyHz: number[];
	pairCovered: boolean | null;
	verdict: Verdict;
	reasons: Reason[];
}
/** What a drawing of the recording needs beside the result. */
export interface Trace {
	segments: [number, number][];
	taps: Spectrum[];
	average: Spectrum;
	main: Group;
	energy: Float64Array;
	noise: number;
}
export interface Heard {
	result: RingResult;
	trace: Trace | null;
}

/** Limits of Q by bond: hard bonds sing, organic ones hum. */
export const qLimits = (bond: string): { clearQ: number; dullQ: number } =>
	bond === 'vitrified' || bond === 'silicate' ? { clearQ: 120, dullQ: 50 } : { clearQ: 40, dullQ: 15 };

const half = (x: number): number => Math.floor(x + 0.5);
const meanSquare = (x: Float64Array, from: number, to: number): number => {
	let s = 0;
	const end = Math.min(to, x.length);
	for (let i = from; i < end; i++) s += x[i]! * x[i]!;
	return end > from ? s / (end - from) : 0;
};
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

/** One tap's spectrum, its power as a share of what the band holds. */
function tapSpectrum(
	x: Float64Array,
	[from, to]: [number, number],
	size: number,
	hzPerBin: number,
	low: number,
	high: number
): Spectrum {
	const windowed = x.slice(from, to);
	for (let i = 0; i < windowed.length; i++)
		windowed[i]! *= 0.5 * (1 + Math.cos((Math.PI * i) / windowed.length));
	const power = powerSpectrum(windowed, size);
	let inBand = 0;
	for (let k = low; k <= high; k++) inBand += power[k]!;
	for (let k = 0; k < power.length; k++) power[k]! /= inBand || 1;
	return { power, hzPerBin, low, high };
}

/** The strongest note of one tap close to the leader. */
function noteNear(t: Spectrum, leaderHz: number): number {
	let best = Math.max(1, Math.ceil((leaderHz * (1 - NEAR)) / t.hzPerBin));
	for (let k = best; k <= Math.floor((leaderHz * (1 + NEAR)) / t.hzPerBin); k++)
		if (t.power[k]! > t.power[best]!) best = k;
	return refinedHz(t, best);
}

/**
 * Listens to a recording step by step: each turn of the generator is one piece of work, its value how far it has come (0 to 1),
 * so that whoever drives it can show progress, stop, or let others in between.
 */
export function* listening(raw: Float64Array, fs: number, v: ListenSettings): Generator<number, Heard, void> {
	let sum = 0,
		peak = 0,
		clipped = 0,
		loudest = 0;
	for (let i = 0; i < raw.length; i++) {
		const s = raw[i]!;
		sum += s;
		const a = Math.abs(s);
		if (a > peak) peak = a;
		if (a >= CLIPPED) clipped++;
	}
	const mean = sum / raw.length;
	const x = new Float64Array(raw.length);
	for (let i = 0; i < raw.length; i++) {
		const s = raw[i]! - mean;
		x[i] = s;
		const a = Math.abs(s);
		if (a > loudest) loudest = a;
	}
	const base = { releases: false as const, peak, clippedFraction: clipped / raw.length };
	const unusable = (code: string, known: Partial<RingResult> = {}): Heard => ({
		result: { ring: 'unusable-recording', ...EMPTY, ...known, ...base, ...unusableFor(code).judged() },
		trace: null
	});
	if (loudest < SILENT) return unusable('silent');
	if (base.clippedFraction > CLIPPED_SHARE) return unusable('clipped');

	const { samples: onsets, firstFrame, frame } = findOnsets(x, fs);
	yield 0.03;
	if (!onsets.length) return unusable('no-taps');
	const found = { tapCount: onsets.length, onsetsS: onsets.map((o) => o / fs) };
	const leadIn = Math.max(0, firstFrame - 2) * frame;
	if (leadIn / fs < LEAD_IN_S) return unusable('no-lead-in', found);
	if (onsets.length < v.minTaps) return unusable('too-few-taps', found);
	const quiet = meanSquare(x, 0, leadIn);
	const snrDb = median(
		onsets.map((o) =>
			quiet > 0 ? Math.min(120, 10 * Math.log10(meanSquare(x, o, o + half(0.02 * fs)) / quiet)) : 120
		)
	);
	if (snrDb < LEAST_SNR_DB) return unusable('noisy', { ...found, snrDb });
	const segments = onsets
		.map((o, i): [number, number] => [
			o + half(0.01 * fs),
			Math.floor(
				Math.min(o + fs, i + 1 < onsets.length ? onsets[i + 1]! - half(0.02 * fs) : Infinity, x.length)
			)
		])
		.filter(([a, b]) => (b - a) / fs >= SEGMENT_S);
	if (segments.length < v.minTaps) return unusable('too-few-taps', { ...found, snrDb });

	const size = powerOfTwo(2 * fs);
	const hzPerBin = fs / size;
	const low = Math.ceil(v.bandLowHz / hzPerBin);
	const high = Math.floor(Math.min(10000, 0.45 * fs) / hzPerBin);
	const taps: Spectrum[] = [];
	const average: Spectrum = { power: new Float64Array(size / 2 + 1), hzPerBin, low, high };
	for (const [i, s] of segments.entries()) {
		const t = tapSpectrum(x, s, size, hzPerBin, low, high);
		for (let k = 0; k < average.power.length; k++) average.power[k]! += t.power[k]! / segments.length;
		taps.push(t);
		yield 0.05 + (0.3 * (i + 1)) / segments.length;
	}
	const groups = groupPeaks(average, findPeaks(average));
	if (!groups.length) return unusable('no-taps', { ...found, snrDb });
	const fitting =
		v.expectedFrequencyHz === null
			? groups[0]
			: groups.find(
					(g) => g.leader.hz >= 0.7 * v.expectedFrequencyHz! && g.leader.hz <= 1.4 * v.expectedFrequencyHz!
				);
	const main = fitting ?? groups[0]!;
	const toneDb =
		10 *
		Math.log10(
			groups[0]!.leader.power / Math.max(median(Array.from(average.power.subarray(low, high + 1))), 1e-300)
		);

	const band = new NoteBand(positiveSpectrum(x, powerOfTwo(x.length)), fs, x.length);
	yield 0.45;
	const margin = half(0.02 * fs);
	const twinPct = (g: Group) => (g.twin ? (100 * Math.abs(g.twin.hz - g.leader.hz)) / g.centreHz : 0);
	let tapQs: number[] = [];
	let energyOfMain = new Float64Array(0);
	let noiseOfMain = 0;
	const modes: Note[] = [];
	for (const [i, g] of groups.entries()) {
		const energy = band.energy(g.centreHz);
		let noise = 0;
		for (let k = margin; k < leadIn - margin; k++) noise += energy[k]!;
		noise /= Math.max(1, leadIn - 2 * margin);
		const qs = segments.map(([a, b]) => tapQ(energy, a, b, noise, g.centreHz, fs));
		if (g === main) {
			tapQs = qs;
			energyOfMain = energy.slice();
			noiseOfMain = noise;
		}
		const q = median(qs);
		modes.push({
			frequencyHz: g.centreHz,
			levelDb: 10 * Math.log10(g.leader.power / groups[0]!.leader.power),
			q,
			dampingRatio: q > 0 ? 1 / (2 * q) : null,
			splitPct: twinPct(g)
		});
		yield 0.45 + (0.55 * (i + 1)) / groups.length;
	}
	const q = median(tapQs);
	const tapFrequencyHz = taps.map((t) => noteNear(t, main.leader.hz));
	const spread =
		(100 * (Math.max(...tapFrequencyHz) - Math.min(...tapFrequencyHz))) /
		(tapFrequencyHz.reduce((a, b) => a + b, 0) / tapFrequencyHz.length);
	const splitPct = Math.max(twinPct(main), spread);
	const splitResolvablePct = q > 0 ? 100 / q : null;
	const shiftPct = v.baseline ? 100 * (main.centreHz / v.baseline.frequencyHz - 1) : null;
	const pairCovered =
		v.tapAnglesDeg !== null && v.tapAnglesDeg.length === onsets.length && coversPair(v.tapAnglesDeg);
	const findings = judgeRinging({
		toneDb,
		q,
		dullQ: v.dullQ,
		clearQ: v.clearQ,
		splitPct: splitResolvablePct !== null && splitPct > splitResolvablePct ? splitPct : 0,
		shiftPct,
		baselineQ: v.baseline?.q ?? null,
		tapQs,
		unexpected: v.expectedFrequencyHz !== null && !fitting,
		pairCovered
	});
	const ring = findings.verdict === 'stop' ? 'dull' : findings.verdict === 'caution' ? 'doubtful' : 'clear';
	return {
		result: {
			ring,
			...base,
			...found,
			snrDb,
			modes,
			mainFrequencyHz: main.centreHz,
			q,
			dampingRatio: q > 0 ? 1 / (2 * q) : null,
			decayTimeS: q / (Math.PI * main.centreHz),
			splitPct,
			splitResolvablePct,
			frequencyShiftPct: shiftPct,
			tapQ: tapQs,
			tapFrequencyHz,
			pairCovered,
			...findings.judged()
		},
		trace: { segments, taps, average, main, energy: energyOfMain, noise: noiseOfMain }
	};
}

/** Listens to the end without a stop between. */
export function listen(raw: Float64Array, fs: number, v: ListenSettings): Heard {
	const steps = listening(raw, fs, v);
	for (;;) {
		const s = steps.next();
		if (s.done) return s.value;
	}
}
