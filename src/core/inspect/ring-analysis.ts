import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { positiveSpectrum, powerOfTwo, powerSpectrum } from '../numeric/fft.js';
import { median } from '../numeric/median.js';
import { bandEnergy, tapQ } from './ring/decay.js';
import { findOnsets } from './ring/onsets.js';
import { type Spectrum, findPeaks, groupPeaks, refinedHz } from './ring/peaks.js';
import { SYNTH_FIELDS, type Synth, checkSynth, synthesise } from './ring-synthesise.js';
import { coversPair } from './tap-plan.js';

const SHORTEST_S = 0.3;
const SILENT = 0.003;
const CLIPPED = 0.985;
const UNUSABLE: Readonly<Record<string, string>> = {
	silent: 'Nothing can be heard. Check the microphone.', clipped: 'The recording is overdriven. Move the microphone back and ring it again.', 'no-taps': 'No tap was found. Tap, wait, tap again.', 'no-lead-in': 'It begins too close to the first tap. Wait a moment before the first one.',
	'too-few-taps': 'Too few taps can be used. Leave half a second between them.', noisy: 'The room is too loud. Ring it again when it is quieter.'
};

const meanSquare = (x: Float64Array, from: number, to: number): number => { let s = 0; const end = Math.min(to, x.length); for (let i = from; i < end; i++) s += x[i]! * x[i]!; return end > from ? s / (end - from) : 0; };

/** The recording of a wheel being rung, listened to. */
export const ringAnalysis = defineCalculation({
	id: 'inspect.ring-analysis',
	title: 'Listen to a ring',
	about: 'Finds the taps, their notes, how long they ring and whether the twins of the first note have drifted apart. It can condemn a wheel; it never releases one.',
	source: 'Room-acoustic decay integration and modal testing, first principles; limits are guidelines to be tuned on the shop\'s own good and rejected wheels.',
	formulas: ['Q = 2 pi f/s, energy falls as exp(-s t)', '1/s - T/(exp(sT) - 1) = mean time', 'split counts when it exceeds 100/Q per cent'],
	fields: [
		{ name: 'synth', kind: 'object', label: 'Made-up recording', about: 'Instead of a real one', fields: SYNTH_FIELDS }, { name: 'sampleRateHz', kind: 'number', min: 8000, max: 192000, label: 'Samples a second', about: 'Rate of the recording' },
		{ name: 'samples', kind: 'list', maxItems: 24_000_000, advanced: true, about: 'The recording, from -1 to 1', item: { name: 'sample', kind: 'number', required: true, about: 'One sample' } },
		{ name: 'bond', kind: 'choice', choices: ['vitrified', 'silicate', 'resin', 'rubber', 'shellac', 'magnesia'], default: 'vitrified', about: 'What holds the grains' },
		{ name: 'tapAnglesDeg', kind: 'list', maxItems: 200, label: 'Where it was tapped', about: 'Wheel angles in the order of the taps', item: { name: 'angle', kind: 'number', unit: 'deg', min: 0, max: 360, maxOpen: true, required: true, about: 'Angle' } },
		{ name: 'expectedFrequencyHz', kind: 'number', min: 0, minOpen: true, max: 20000, label: 'Expected note, Hz', about: 'From its size and mass' },
		{ name: 'baseline', kind: 'object', about: 'Its own earlier ring', fields: [{ name: 'frequencyHz', kind: 'number', min: 0, minOpen: true, max: 20000, required: true, label: 'Note, Hz', about: 'Then' }, { name: 'q', kind: 'number', min: 0, minOpen: true, max: 100000, required: true, label: 'Q', about: 'Then' }] },
		{ name: 'minTaps', kind: 'integer', min: 1, max: 64, default: 4, advanced: true, about: 'Taps needed' }, { name: 'bandLowHz', kind: 'number', min: 20, max: 20000, default: 150, advanced: true, about: 'Below this nothing is looked at' },
		{ name: 'clearQ', kind: 'number', min: 0, minOpen: true, max: 100000, advanced: true, about: 'Clear from here; by the bond when empty' }, { name: 'dullQ', kind: 'number', min: 0, minOpen: true, max: 100000, advanced: true, about: 'Dull below here; by the bond when empty' }
	],
	outputs: [
		{ name: 'ring', about: 'It sounds', main: true }, { name: 'mainFrequencyHz', about: 'Its note, Hz' }, { name: 'q', about: 'Rings with Q' }, { name: 'decayTimeS', unit: 's', about: 'Dies down in' }, { name: 'splitPct', unit: '%', about: 'Twins apart' }, { name: 'splitResolvablePct', unit: '%', about: 'Can be told from' }, { name: 'tapCount', about: 'Taps' },
		{ name: 'snrDb', about: 'Above the room, dB' }, { name: 'frequencyShiftPct', unit: '%', about: 'Against its earlier note' }, { name: 'pairCovered', about: 'Both twins struck' }, { name: 'tapQ', about: 'Q, tap by tap' }, { name: 'tapFrequencyHz', about: 'Note, tap by tap' }, { name: 'modes', about: 'All notes' }, { name: 'dampingRatio', about: 'Damping' },
		{ name: 'peak', about: 'Loudest' }, { name: 'clippedFraction', about: 'Share clipped' }, { name: 'onsetsS', unit: 's', about: 'Taps at' }, { name: 'releases', about: 'Releases the wheel' }
	],
	example: {
		synth: {
			sampleRateHz: 24000, durationS: 3.7, seed: 77, noiseRms: 0.001, taps: [{ timeS: 0.3, angleDeg: 45, amplitude: 0.4 }, { timeS: 1.1, angleDeg: 315, amplitude: 0.4 }, { timeS: 1.9, angleDeg: 0, amplitude: 0.4 }, { timeS: 2.7, angleDeg: 270, amplitude: 0.4 }], modes: [{ frequencyHz: 1060, q: 260 }]
		}
	},
	compute(v) {
		const synth = v.synth as Synth | null;
		if (synth) checkSynth(synth, 'synth.');
		else if (v.sampleRateHz === null) throw new InputFault('sampleRateHz', 'missing', 'Samples a second are missing. Enter the rate of the recording.');
		else if (v.samples === null) throw new InputFault('samples', 'missing', 'There is no recording. Load one, or make one up.');
		const raw = synth ? synthesise(synth) : Float64Array.from(v.samples!);
		const fs = synth?.sampleRateHz ?? v.sampleRateHz!;
		if (raw.length / fs < SHORTEST_S) throw new InputFault(synth ? 'synth.durationS' : 'samples', synth ? 'below-minimum' : 'too-few', `${(raw.length / fs).toFixed(2)} s are too short. Record at least ${SHORTEST_S} s, better four taps.`);
		const hard = v.bond === 'vitrified' || v.bond === 'silicate';
		return listen(raw, fs, { ...v, clearQ: v.clearQ ?? (hard ? 120 : 40), dullQ: v.dullQ ?? (hard ? 50 : 15), tapAnglesDeg: v.tapAnglesDeg ?? synth?.taps.map((t) => t.angleDeg) ?? null });
	}
});

interface Settings { minTaps: number; bandLowHz: number; clearQ: number; dullQ: number; tapAnglesDeg: number[] | null; expectedFrequencyHz: number | null; baseline: { frequencyHz: number; q: number } | null }
interface Note { frequencyHz: number; levelDb: number; q: number; dampingRatio: number | null; splitPct: number }

const nothing = { tapCount: 0, onsetsS: [] as number[], snrDb: null as number | null, modes: [] as Note[], mainFrequencyHz: null as number | null, q: null as number | null, dampingRatio: null as number | null, decayTimeS: null as number | null, splitPct: null as number | null, splitResolvablePct: null as number | null, frequencyShiftPct: null as number | null, tapQ: [] as number[], tapFrequencyHz: [] as number[], pairCovered: false };

function listen(raw: Float64Array, fs: number, v: Settings) {
	let sum = 0, peak = 0, clipped = 0, loudest = 0;
	for (const s of raw) { sum += s; const a = Math.abs(s); if (a > peak) peak = a; if (a >= CLIPPED) clipped++; }
	const mean = sum / raw.length;
	const x = raw.map((s) => s - mean);
	for (const s of x) loudest = Math.max(loudest, Math.abs(s));
	const base = { releases: false, peak, clippedFraction: clipped / raw.length };
	const unusable = (code: string, known: Partial<typeof nothing> = {}) => ({ ring: 'unusable-recording', ...nothing, ...known, ...base, ...new Findings().caution(code, true, UNUSABLE[code]!).judged() });
	if (loudest < SILENT) return unusable('silent');
	if (base.clippedFraction > 0.0005) return unusable('clipped');

	const { samples: onsets, firstFrame, frame } = findOnsets(x, fs);
	if (!onsets.length) return unusable('no-taps');
	const found = { tapCount: onsets.length, onsetsS: onsets.map((o) => o / fs) };
	const leadIn = Math.max(0, firstFrame - 2) * frame;
	if (leadIn / fs < 0.1) return unusable('no-lead-in', found);
	if (onsets.length < v.minTaps) return unusable('too-few-taps', found);
	const quiet = meanSquare(x, 0, leadIn);
	const snrDb = median(onsets.map((o) => { const tap = meanSquare(x, o, o + Math.floor(0.02 * fs + 0.5)); return quiet > 0 ? Math.min(120, 10 * Math.log10(tap / quiet)) : 120; }));
	if (snrDb < 20) return unusable('noisy', { ...found, snrDb });
	const segments = onsets.map((o, i) => [o + Math.floor(0.01 * fs + 0.5), Math.min(o + fs, i + 1 < onsets.length ? onsets[i + 1]! - Math.floor(0.02 * fs + 0.5) : Infinity, x.length)].map(Math.floor) as [number, number]).filter(([a, b]) => (b - a) / fs >= 0.1);
	if (segments.length < v.minTaps) return unusable('too-few-taps', { ...found, snrDb });

	const size = powerOfTwo(2 * fs);
	const hzPerBin = fs / size;
	const low = Math.ceil(v.bandLowHz / hzPerBin);
	const high = Math.floor(Math.min(10000, 0.45 * fs) / hzPerBin);
	const taps = segments.map(([a, b]): Spectrum => {
		const windowed = x.slice(a, b);
		for (let i = 0; i < windowed.length; i++) windowed[i]! *= 0.5 * (1 + Math.cos((Math.PI * i) / windowed.length));
		const power = powerSpectrum(windowed, size);
		let inBand = 0;
		for (let k = low; k <= high; k++) inBand += power[k]!;
		for (let k = 0; k < power.length; k++) power[k]! /= inBand || 1;
		return { power, hzPerBin, low, high };
	});
	const average: Spectrum = { power: new Float64Array(size / 2 + 1), hzPerBin, low, high };
	for (const t of taps) for (let k = 0; k < average.power.length; k++) average.power[k]! += t.power[k]! / taps.length;

	const groups = groupPeaks(average, findPeaks(average));
	if (!groups.length) return unusable('no-taps', { ...found, snrDb });
	const fitting = v.expectedFrequencyHz === null ? groups[0] : groups.find((g) => g.leader.hz >= 0.7 * v.expectedFrequencyHz! && g.leader.hz <= 1.4 * v.expectedFrequencyHz!);
	const main = fitting ?? groups[0]!;
	const toneDb = 10 * Math.log10(groups[0]!.leader.power / Math.max(median(Array.from(average.power.subarray(low, high + 1))), 1e-300));

	const spectrum = positiveSpectrum(x, powerOfTwo(x.length));
	const margin = Math.floor(0.02 * fs + 0.5);
	const qsOf = (hz: number): number[] => {
		const energy = bandEnergy(spectrum, hz, fs, x.length);
		let noise = 0;
		for (let i = margin; i < leadIn - margin; i++) noise += energy[i]!;
		noise /= Math.max(1, leadIn - 2 * margin);
		return segments.map(([a, b]) => tapQ(energy, a, b, noise, hz, fs));
	};
	const twinPct = (g: (typeof groups)[number]) => (g.twin ? (100 * Math.abs(g.twin.hz - g.leader.hz)) / g.centreHz : 0);
	let tapQs: number[] = [];
	const modes = groups.map((g): Note => {
		const qs = qsOf(g.centreHz);
		if (g === main) tapQs = qs;
		const q = median(qs);
		return { frequencyHz: g.centreHz, levelDb: 10 * Math.log10(g.leader.power / groups[0]!.leader.power), q, dampingRatio: q > 0 ? 1 / (2 * q) : null, splitPct: twinPct(g) };
	});
	const q = median(tapQs);
	const tapFrequencyHz = taps.map((t) => {
		let best = Math.max(1, Math.ceil((main.leader.hz * 0.94) / hzPerBin));
		for (let k = best; k <= Math.floor((main.leader.hz * 1.06) / hzPerBin); k++) if (t.power[k]! > t.power[best]!) best = k;
		return refinedHz(t, best);
	});
	const spread = (100 * (Math.max(...tapFrequencyHz) - Math.min(...tapFrequencyHz))) / (tapFrequencyHz.reduce((a, b) => a + b, 0) / tapFrequencyHz.length);
	const splitPct = Math.max(twinPct(main), spread);
	const splitResolvablePct = q > 0 ? 100 / q : null;
	const split = splitResolvablePct !== null && splitPct > splitResolvablePct ? splitPct : 0;
	const shift = v.baseline ? 100 * (main.centreHz / v.baseline.frequencyHz - 1) : null;
	const pairCovered = v.tapAnglesDeg !== null && v.tapAnglesDeg.length === onsets.length && coversPair(v.tapAnglesDeg);
	const tone = toneDb >= 15;
	const s = shift ?? 0;
	const findings = new Findings()
		.stop('no-tone', !tone, 'No note stands out: it thuds. Do not mount; quarantine it.')
		.stop('low-q', tone && q < v.dullQ, 'It dies away at once. Do not mount; quarantine it.')
		.stop('mode-split-large', tone && split >= 3, `The twins of its note lie ${split.toFixed(1)} % apart, as a crack makes them. Do not mount; quarantine it.`)
		.stop('frequency-drop-large', tone && shift !== null && s <= -5, `Its note has fallen by ${(-s).toFixed(1)} % since the last ring. Do not mount; quarantine it.`)
		.caution('weak-q', tone && q >= v.dullQ && q < v.clearQ, 'It rings, but not for long. Dry and clean it, ring it again.')
		.caution('mode-split', tone && split >= 1 && split < 3, 'The twins of its note lie apart. Ring it again at more places, look closely for a crack.')
		.caution('frequency-shift', tone && shift !== null && Math.abs(s) >= 2 && s > -5, 'Its note has changed since the last ring. Find out why.')
		.caution('q-drop', tone && v.baseline !== null && q < 0.6 * v.baseline.q, 'It rings much shorter than the last time.')
		.caution('tap-inconsistent', tone && tapQs.length > 0 && Math.min(...tapQs) < 0.5 * Math.max(...tapQs), 'It rings at some places and not at others. Ring it again.')
		.caution('unexpected-frequency', tone && v.expectedFrequencyHz !== null && !fitting, 'Its note is not the one its size and mass would give.')
		.caution('tap-coverage', !pairCovered, 'The taps do not reach both twins of the note. Turn the wheel an eighth and tap again.');
	return {
		ring: findings.verdict === 'stop' ? 'dull' : findings.verdict === 'caution' ? 'doubtful' : 'clear', ...base, ...found, snrDb, modes, mainFrequencyHz: main.centreHz, q, dampingRatio: q > 0 ? 1 / (2 * q) : null, decayTimeS: q / (Math.PI * main.centreHz), splitPct, splitResolvablePct,
		frequencyShiftPct: shift, tapQ: tapQs, tapFrequencyHz, pairCovered, ...findings.judged()
	};
}
