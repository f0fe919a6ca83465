import { from0, group, list, number, whole } from '../calculation/field/index.js';
import { type Work, defineCalculation } from '../calculation/define.js';
import type { Field, Values } from '../calculation/fields.js';
import { InputFault } from '../calculation/fault.js';
import { DEG } from '../numeric/angles.js';
import { mulberry32 } from '../numeric/random.js';

const num = <const N extends string, const M extends object>(name: N, about: string, more: M) =>
	number(name, about, { ...more });
/** What a made-up recording is made of; the analysis takes the same. */
export const SYNTH_FIELDS = [
	num('sampleRateHz', 'Rate of the recording', {
		unit: 'Hz',
		label: 'Samples a second',
		min: 8000,
		max: 192000,
		default: 48000,
		advanced: true
	}),
	num('durationS', 'How long it lasts', {
		label: 'Length',
		unit: 's',
		min: 0,
		minOpen: true,
		max: 30,
		required: true
	}),
	whole('seed', 'Same seed, same recording', { ...from0(4294967295), default: 1 }),
	num('noiseRms', 'Noise between the taps', { label: 'Noise of the room', min: 0, max: 1, default: 0 }),
	num('clickLevel', 'Noise of each tap', {
		label: 'Click of the mallet',
		min: 0,
		max: 10,
		default: 0.3,
		advanced: true
	}),
	num('gain', 'Setting of the microphone', {
		label: 'Loudness',
		min: 0,
		minOpen: true,
		max: 1000,
		default: 1,
		advanced: true
	}),
	list(
		'taps',
		'When and where it is struck',
		group(
			'tap',
			'One tap',
			[
				num('timeS', 'When', { unit: 's', min: 0, max: 30, required: true }),
				num('angleDeg', 'Where on the wheel', { unit: 'deg', min: 0, max: 360, maxOpen: true, default: 0 }),
				num('amplitude', 'How hard', { min: 0, max: 10, default: 0.5 })
			],
			{ required: true }
		),
		{ required: true, maxItems: 200 }
	),
	list(
		'modes',
		'The notes of the wheel',
		group(
			'note',
			'One note',
			[
				num('frequencyHz', 'Its height', {
					unit: 'Hz',
					label: 'Note',
					min: 0,
					minOpen: true,
					max: 96000,
					required: true
				}),
				num('q', 'How long it rings', { label: 'Q', min: 0.5, minOpen: true, max: 100000, required: true }),
				num('amplitude', 'How loud', { min: 0, max: 10, default: 1 }),
				num('splitHz', 'Between the twins', { unit: 'Hz', label: 'Split', min: 0, max: 96000, default: 0 }),
				num('axisDeg', 'Where one twin sits', { unit: 'deg', min: 0, max: 360, maxOpen: true, default: 0 }),
				whole('nodalDiameters', 'Nodal diameters', { ...from0(12), default: 2 })
			],
			{ required: true }
		),
		{ label: 'Notes', required: true, maxItems: 40 }
	)
] as const satisfies readonly Field[];
export type Synth = Values<typeof SYNTH_FIELDS>;

/** Every note of every tap is added to every sample. */
export const SYNTH_WORK: Work<typeof SYNTH_FIELDS> = {
	field: 'taps',
	says: 'Taps, notes, seconds and samples a second multiply: make one of them smaller.',
	steps: (values) =>
		values.durationS * values.sampleRateHz * (1 + 2 * values.taps.length * values.modes.length),
	most: 1e9
};

const CLIPPED = 0.985;
const CLICK_S = 0.004;
const CLICK_DECAY_S = 0.0005;

/** What single ranges cannot say. @throws InputFault under the given path */
export function checkSynth(values: Synth, prefix = ''): void {
	values.taps.forEach((tap, i) => {
		if (tap.timeS >= values.durationS)
			throw new InputFault(
				`${prefix}taps.${i}.timeS`,
				'above-maximum',
				`Tap ${i + 1} at ${tap.timeS} s is after the end, ${values.durationS} s.`
			);
	});
	values.modes.forEach((mode, i) => {
		if (mode.frequencyHz >= values.sampleRateHz / 2)
			throw new InputFault(
				`${prefix}modes.${i}.frequencyHz`,
				'above-maximum',
				`${mode.frequencyHz} Hz cannot be held by ${values.sampleRateHz} samples a second.`
			);
		if (mode.splitHz >= mode.frequencyHz)
			throw new InputFault(
				`${prefix}modes.${i}.splitHz`,
				'above-maximum',
				'The twins lie further apart than their note is high.'
			);
	});
}

const EXACT_EVERY = 1024;
const GONE = 1e-20;
/** Adds loud * exp(-pi f t/q) * sin(2 pi f t) from sample i0 on: a turning pointer, set right again every so often so that no error grows, until it is gone. */
function addRinging(x: Float64Array, i0: number, loud: number, f: number, q: number, fs: number): void {
	const fade = Math.exp((-Math.PI * f) / (q * fs));
	const c = fade * Math.cos((2 * Math.PI * f) / fs);
	const s = fade * Math.sin((2 * Math.PI * f) / fs);
	for (let from = i0; from < x.length; from += EXACT_EVERY) {
		const t = (from - i0) / fs;
		const size = loud * Math.exp((-Math.PI * f * t) / q);
		if (size < GONE) return;
		let re = size * Math.cos(2 * Math.PI * f * t);
		let im = size * Math.sin(2 * Math.PI * f * t);
		const to = Math.min(x.length, from + EXACT_EVERY);
		for (let i = from; i < to; i++) {
			x[i]! += im;
			const next = re * c - im * s;
			im = re * s + im * c;
			re = next;
		}
	}
}

/** The samples of a made-up recording: noise, decaying twin notes for each tap, a click, then gain and the limit of the microphone. */
export function synthesise(values: Synth): Float64Array {
	const fs = values.sampleRateHz;
	const n = Math.floor(values.durationS * fs + 0.5);
	const x = new Float64Array(n);
	const rng = mulberry32(values.seed);
	const scale = values.noiseRms * Math.sqrt(3);
	for (let i = 0; i < n; i++) x[i] = scale * (2 * rng() - 1);
	for (const tap of values.taps) {
		const i0 = Math.floor(tap.timeS * fs + 0.5);
		for (const mode of values.modes) {
			const turn = mode.nodalDiameters * (tap.angleDeg - mode.axisDeg) * DEG;
			const parts: [number, number][] =
				mode.nodalDiameters === 0
					? [[mode.frequencyHz, 1]]
					: [
							[mode.frequencyHz - mode.splitHz / 2, Math.cos(turn) ** 2],
							[mode.frequencyHz + mode.splitHz / 2, Math.sin(turn) ** 2]
						];
			for (const [f, w] of parts) {
				const loud = tap.amplitude * mode.amplitude * w;
				if (loud === 0) continue;
				addRinging(x, i0, loud, f, mode.q, fs);
			}
		}
	}
	const click = Math.floor(CLICK_S * fs + 0.5);
	for (const tap of values.taps) {
		const i0 = Math.floor(tap.timeS * fs + 0.5);
		for (let i = i0; i < i0 + click; i++) {
			const u = rng();
			if (i < n)
				x[i]! += tap.amplitude * values.clickLevel * (2 * u - 1) * Math.exp(-((i - i0) / fs) / CLICK_DECAY_S);
		}
	}
	for (let i = 0; i < n; i++) x[i] = Math.max(-1, Math.min(1, x[i]! * values.gain));
	return x;
}

/** A made-up recording of a wheel being rung. */
export const ringSynthesise = defineCalculation({
	id: 'inspect.ring-synthesise',
	title: 'A made-up ring',
	about:
		'Stands in for a microphone: a wheel of chosen condition, struck at chosen places. The same seed always gives the same sound.',
	source: 'Decaying twin modes of a ring (first principles), seeded noise.',
	formulas: [
		'x = tap x mode x w exp(-pi f t/q) sin(2 pi f t)',
		'twins: w = cos^2 and sin^2 of n (angle - axis)'
	],
	fields: SYNTH_FIELDS,
	work: SYNTH_WORK,
	outputs: [
		{ name: 'peak', about: 'Loudest', main: true },
		{ name: 'rms', about: 'Mean loudness' },
		{ name: 'sampleCount', about: 'Samples' },
		{ name: 'sampleRateHz', unit: 'Hz', about: 'Samples a second' },
		{ name: 'clippedCount', about: 'Clipped samples' },
		{ name: 'samples', about: 'The recording' }
	],
	example: {
		sampleRateHz: 8000,
		durationS: 0.25,
		seed: 99,
		noiseRms: 0.005,
		taps: [{ timeS: 0.05, angleDeg: 60, amplitude: 0.6 }],
		modes: [{ frequencyHz: 500, q: 120, splitHz: 5, axisDeg: 20 }]
	},
	compute(values) {
		checkSynth(values);
		const samples = synthesise(values);
		let peak = 0,
			square = 0,
			clippedCount = 0;
		for (const sample of samples) {
			const a = Math.abs(sample);
			if (a > peak) peak = a;
			square += sample * sample;
			if (a >= CLIPPED) clippedCount++;
		}
		return {
			sampleRateHz: values.sampleRateHz,
			sampleCount: samples.length,
			peak,
			rms: samples.length ? Math.sqrt(square / samples.length) : 0,
			clippedCount,
			samples: Array.from(samples)
		};
	}
});
