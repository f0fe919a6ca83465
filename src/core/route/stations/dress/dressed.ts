import { foundBy } from '../../basis.js';
import { countFirstDress } from '../../sums.js';
import { single } from '../../result.js';
import { defineStep } from '../../define-step.js';
import { DRESSED_FIELDS, dressedEffects, otherWheelOfPack, speedAfter } from './done.js';

/** The wheel is dressed: heard, measured, booked. */
export const dressedStep = defineStep({
	station: 'dress',
	step: 'done',
	title: 'Dressed',
	basis: () => foundBy('by ear'),
	released: 'never',
	invalidates: ['prove'],
	keyedBy: otherWheelOfPack,
	sumsInto: countFirstDress,
	fields: DRESSED_FIELDS,
	compute: (facts, values) => single(speedAfter(facts, values)),
	effectsUnlessStopped: (facts, values) => dressedEffects(facts, values, 'dressed', null)
});
