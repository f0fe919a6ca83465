import {
	between,
	choice,
	deg,
	group,
	list,
	number,
	over0,
	whole,
	hertz
} from '../calculation/field/index.js';
import { bounded, defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { listen, qLimits } from './ring/listen.js';
import { SYNTH_FIELDS, SYNTH_WORK, type Synth, checkSynth, synthesise } from './ring-synthesise.js';

const SHORTEST_S = 0.3;

/** The recording of a wheel being rung, listened to. */
export const ringAnalysis = defineCalculation({
	id: 'inspect.ring-analysis',
	worse: { minTaps: 'up', bandLowHz: 'none', clearQ: 'up', dullQ: 'up' },
	title: 'Listen to a ring',
	about:
		'Finds the taps, their notes, how long they ring and whether the twins of the first note have drifted apart. It can condemn a wheel; it never releases one.',
	source:
		"Room-acoustic decay integration and modal testing, first principles; limits are guidelines to be tuned on the shop's own good and rejected wheels.",
	formulas: [
		'Q = 2 pi f/s, energy falls as exp(-s t)',
		'1/s - T/(exp(sT) - 1) = mean time',
		'split counts when it exceeds 100/Q per cent'
	],
	limits: [
		'Of 200 made-up wheels of each kind, eight taps, 24 000 samples a second, notes of 700 to 1400 Hz: sound, all clear. Sound with twins 0.03 to 0.1 % apart, all clear. Cracked (twins 2 to 5 % apart), 141 dull, 59 doubtful, none clear. Damped (Q 10 to 40), all dull. Sound organic bond, all clear. Held badly, all doubtful. A loud room, overdriven, silent: all not to be judged.',
		'With four taps half a second apart, 1 % of the sound and 1.5 % of the cracked wheels come out as not to be judged, for too few taps; none changes sides.',
		"Made-up wheels are cleaner than real ones: tune the limits on the shop's own good and rejected wheels.",
		'Q under about 15 reads high by a third. Twins less than 1 % apart beat slowly and can bias Q by up to a third, mostly downwards.'
	],
	fields: [
		group('synth', 'Instead of a real one', SYNTH_FIELDS, { label: 'Made-up recording' }),
		hertz('sampleRateHz', 'Rate of the recording', { ...between(8000, 192000), label: 'Samples a second' }),
		list('samples', 'The recording, from -1 to 1', number('sample', 'One sample', { required: true }), {
			maxItems: 24_000_000,
			advanced: true
		}),
		choice(
			'bond',
			'What holds the grains',
			['vitrified', 'silicate', 'resin', 'rubber', 'shellac', 'magnesia'],
			{ default: 'vitrified' }
		),
		list(
			'tapAnglesDeg',
			'Wheel angles in the order of the taps',
			deg('angle', 'Angle', { min: 0, max: 360, maxOpen: true, required: true }),
			{ maxItems: 200, label: 'Where it was tapped' }
		),
		hertz('expectedFrequencyHz', 'From its size and mass', { ...over0(20000), label: 'Expected note' }),
		group('baseline', 'Its own earlier ring', [
			hertz('frequencyHz', 'Then', { ...over0(20000), required: true, label: 'Note' }),
			number('q', 'Then', { ...over0(100000), required: true, label: 'Q' })
		]),
		whole('minTaps', 'Taps needed', { ...between(1, 64), default: 4, advanced: true }),
		hertz('bandLowHz', 'Below this nothing is looked at', {
			...between(20, 20000),
			default: 150,
			advanced: true
		}),
		number('clearQ', 'Clear from here; by the bond when empty', { ...over0(100000), advanced: true }),
		number('dullQ', 'Dull below here; by the bond when empty', { ...over0(100000), advanced: true })
	],
	outputs: [
		{ name: 'ring', about: 'It sounds', main: true },
		{ name: 'mainFrequencyHz', unit: 'Hz', about: 'Its note' },
		{ name: 'q', about: 'Rings with Q' },
		{ name: 'decayTimeS', unit: 's', about: 'Dies down in' },
		{ name: 'splitPct', unit: '%', about: 'Twins apart' },
		{ name: 'splitResolvablePct', unit: '%', about: 'Can be told from' },
		{ name: 'tapCount', about: 'Taps' },
		{ name: 'snrDb', about: 'Above the room, dB' },
		{ name: 'frequencyShiftPct', unit: '%', about: 'Against its earlier note' },
		{ name: 'pairCovered', about: 'Both twins struck' },
		{ name: 'tapQ', about: 'Q, tap by tap' },
		{ name: 'tapFrequencyHz', unit: 'Hz', about: 'Note, tap by tap' },
		{ name: 'modes', about: 'All notes' },
		{ name: 'dampingRatio', about: 'Damping' },
		{ name: 'peak', about: 'Loudest' },
		{ name: 'clippedFraction', about: 'Share clipped' },
		{ name: 'onsetsS', unit: 's', about: 'Taps at' },
		{ name: 'releases', about: 'Releases the wheel' }
	],
	example: {
		synth: {
			sampleRateHz: 24000,
			durationS: 3.7,
			seed: 77,
			noiseRms: 0.001,
			taps: [
				{ timeS: 0.3, angleDeg: 45, amplitude: 0.4 },
				{ timeS: 1.1, angleDeg: 315, amplitude: 0.4 },
				{ timeS: 1.9, angleDeg: 0, amplitude: 0.4 },
				{ timeS: 2.7, angleDeg: 270, amplitude: 0.4 }
			],
			modes: [{ frequencyHz: 1060, q: 260 }]
		}
	},
	compute(values) {
		const synth = values.synth as Synth | null;
		if (synth) {
			bounded(SYNTH_WORK, synth, 'synth.');
			checkSynth(synth, 'synth.');
		} else if (values.sampleRateHz === null)
			throw new InputFault(
				'sampleRateHz',
				'missing',
				'Samples a second are missing. Enter the rate of the recording.'
			);
		else if (values.samples === null)
			throw new InputFault('samples', 'missing', 'There is no recording. Load one, or make one up.');
		const raw = synth ? synthesise(synth) : Float64Array.from(values.samples!);
		const fs = synth?.sampleRateHz ?? values.sampleRateHz!;
		if (raw.length / fs < SHORTEST_S)
			throw new InputFault(
				synth ? 'synth.durationS' : 'samples',
				synth ? 'below-minimum' : 'too-few',
				`${(raw.length / fs).toFixed(2)} s are too short. Record at least ${SHORTEST_S} s, better four taps.`
			);
		const limits = qLimits(values.bond);
		return {
			...listen(
				raw,
				fs,
				{
					...values,
					clearQ: values.clearQ ?? limits.clearQ,
					dullQ: values.dullQ ?? limits.dullQ,
					tapAnglesDeg: values.tapAnglesDeg ?? synth?.taps.map((tap) => tap.angleDeg) ?? null
				},
				raw
			).result
		};
	}
});
