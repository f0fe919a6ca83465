import type { Method } from '../../../dress/methods.js';

/** How a dress is called while it is made, and how it is asked and said whether it came out even. */
export interface RunWords {
	title: string;
	even: string;
	yes: string;
	no: string;
	waiting: string;
}
export const LISTENED: RunWords = {
	title: 'Dress and listen',
	even: 'Sounded even across the face',
	yes: 'heard over the whole width',
	no: 'not even: dress again',
	waiting: 'you listen and say so'
};
const TRUED: RunWords = {
	...LISTENED,
	title: 'True and listen',
	even: 'Cut all round, even to hear',
	yes: 'clean all round'
};

export const RUN_WORDS: Readonly<Record<Method, RunWords>> = {
	'single-point': LISTENED,
	cluster: LISTENED,
	'rotary-disc': LISTENED,
	'rotary-form-roll': LISTENED,
	'crush-roll': {
		title: 'Crush and watch',
		even: 'Ran together, form full',
		yes: 'without slip, to the bottom of the form',
		no: 'not full: crush again',
		waiting: 'you look and say so'
	},
	'truing-wheel': TRUED,
	'steel-block': TRUED,
	stick: {
		title: 'Looked at',
		even: 'Clean over the whole face',
		yes: 'seen under the glass',
		no: 'not clean: go on',
		waiting: 'you look and say so'
	},
	'wire-edm': {
		title: 'Erode and watch',
		even: 'Eroded evenly all round',
		yes: 'sparks steady over the whole width',
		no: 'not even: go over it again',
		waiting: 'you watch and say so'
	},
	'hand-cutter': {
		title: 'Draw it across',
		even: 'Cut evenly over the face',
		yes: 'heard and seen over the whole width',
		no: 'not even: go over it again',
		waiting: 'you listen and say so'
	}
};
