import { mulberry32 } from '../../numeric/random.js';
import type { Sound } from '../../audio/wav.js';
import { type Synth, synthesise } from '../ring-synthesise.js';

/** What the stand-in for a wheel can be: as it may arrive, or as a recording may go wrong. */
export const CONDITIONS = [
	'clear',
	'split',
	'cracked',
	'damped',
	'organic',
	'badly-held',
	'noisy',
	'clipped',
	'silent'
] as const;
export type Condition = (typeof CONDITIONS)[number];
export const CONDITION_WORDS: Readonly<Record<Condition, string>> = {
	clear: 'sound',
	split: 'sound, a little out of round',
	cracked: 'cracked',
	damped: 'damp or spoiled',
	organic: 'organic bond',
	'badly-held': 'held badly',
	noisy: 'in a loud room',
	clipped: 'microphone too close',
	silent: 'microphone off'
};

export interface MadeUp {
	condition: Condition;
	seed: number;
	frequencyHz: number;
	tapAnglesDeg: readonly number[];
	sampleRateHz?: number;
	gapS?: number;
}
const FIRST_S = 0.4;
const OVERTONES = [
	[1.64, 0.4, 0],
	[2.35, 0.25, 3]
] as const;

/**
 * The recording such a wheel would give, struck at these places one after the other; made of parts that are laid over each other.
 * The same seed always gives the same wheel. Held badly, it sings at some places and is choked at others.
 */
export function madeUpRing({
	condition,
	seed,
	frequencyHz,
	tapAnglesDeg,
	sampleRateHz,
	gapS = 0.75
}: MadeUp): Synth[] {
	const rng = mulberry32(seed);
	const between = (low: number, high: number) => low + (high - low) * rng();
	const q =
		condition === 'damped' ? between(10, 40) : condition === 'organic' ? between(50, 90) : between(300, 800);
	const axisDeg = between(0, 90);
	const splitPct = condition === 'cracked' ? between(2, 5) : condition === 'split' ? between(0.03, 0.1) : 0;
	const hz = condition === 'organic' ? 0.55 * frequencyHz : frequencyHz;
	const taps = tapAnglesDeg.map((angleDeg, i) => ({
		timeS: FIRST_S + gapS * i + between(-0.03, 0.03),
		angleDeg,
		amplitude: between(0.3, 0.45)
	}));
	const fs = sampleRateHz ?? (hz * 2.35 < 9500 ? 24000 : 48000);
	const note = (f: number, amplitude: number, nodalDiameters: number, splitHz: number, ringsFor: number) => ({
		frequencyHz: f,
		q: ringsFor,
		amplitude,
		splitHz,
		axisDeg,
		nodalDiameters
	});
	const modes = (ringsFor: number) => [
		note(hz, 1, 2, (hz * splitPct) / 100, ringsFor),
		...OVERTONES.filter(([times]) => hz * times < 0.45 * fs).map(([times, loud, n]) =>
			note(hz * times, loud, n, 0, ringsFor)
		)
	];
	const whole = {
		sampleRateHz: fs,
		durationS: FIRST_S + gapS * tapAnglesDeg.length + 0.3,
		seed,
		noiseRms: condition === 'noisy' ? 0.05 : condition === 'silent' ? 0 : 0.001,
		clickLevel: 0.3,
		gain: condition === 'clipped' ? 9 : condition === 'silent' ? 0.004 : 1,
		taps,
		modes: modes(q)
	};
	if (condition !== 'badly-held') return [whole];
	const choked = between(55, 95);
	const from = Math.floor(between(0, 2));
	return [
		{ ...whole, taps: taps.filter((_, i) => i % 2 === from) },
		{ ...whole, noiseRms: 0, taps: taps.filter((_, i) => i % 2 !== from), modes: modes(choked) }
	];
}

/** The parts laid over each other, within what a microphone can hold. */
export function soundOf(parts: readonly Synth[]): Sound {
	const samples = synthesise(parts[0]!);
	for (const part of parts.slice(1))
		synthesise(part).forEach((s, i) => {
			samples[i] = Math.max(-1, Math.min(1, samples[i]! + s));
		});
	return { sampleRateHz: parts[0]!.sampleRateHz, samples };
}
