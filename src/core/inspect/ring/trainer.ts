import { mulberry32 } from '../../numeric/random.js';
import type { Synth } from '../ring-synthesise.js';
import { type Condition, madeUpRing } from './conditions.js';

/** What the ear trainer plays. */
export const TRAINED = [
	'clear',
	'cracked',
	'damped',
	'organic',
	'badly-held'
] as const satisfies readonly Condition[];
export type Trained = (typeof TRAINED)[number];
export const TRAINED_WORDS: Readonly<Record<Trained, string>> = {
	clear: 'Sound',
	cracked: 'Cracked',
	damped: 'Damp or spoiled',
	organic: 'Sound, organic bond',
	'badly-held': 'Held badly'
};
/** Where each shows, once the answer is given. */
export const TRAINED_LESSONS: Readonly<Record<Trained, string>> = {
	clear: 'One narrow peak, the same at every tap, and a straight, slow decay. It sings for a second.',
	cracked:
		'The peak is split in two. The two notes beat against each other, and taps at one place ring lower than at another.',
	damped:
		'It dies in less than a twentieth of a second at every tap: a clack, not a note. Water, oil or a soft spot eat the sound.',
	organic:
		'A short hum. That is how resin, rubber and shellac sound when nothing is wrong: judge it against its own kind.',
	'badly-held':
		'It sings at some places and is choked at others: a hand or the floor takes the sound away. Hold it right and ring it again.'
};
export interface Drawn {
	condition: Trained;
	choices: readonly Trained[];
	parts: Synth[];
	frequencyHz: number;
}

const PLACES = [45, 135, 225, 315];
/** The wheel behind a number: the same number always plays the same wheel. */
export function drawWheel(seed: number): Drawn {
	const rng = mulberry32(seed ^ 0x5eed);
	const condition = TRAINED[Math.floor(rng() * TRAINED.length)]!;
	const frequencyHz = Math.round(700 + 1100 * rng());
	return {
		condition,
		choices: TRAINED,
		frequencyHz,
		parts: madeUpRing({
			condition,
			seed,
			frequencyHz,
			tapAnglesDeg: [...PLACES, ...PLACES.map((a) => (a + 45) % 360)],
			gapS: 0.8
		})
	};
}
