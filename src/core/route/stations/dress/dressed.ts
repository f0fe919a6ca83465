import { single, defineStep } from '../../step.js';
import { DRESSED_FIELDS, dressedEffects, speedAfter } from './done.js';

/** The wheel is dressed: heard, measured, booked. */
export const dressedStep = defineStep({
	station: 'dress',
	step: 'done',
	title: 'Dressed',
	fields: DRESSED_FIELDS,
	compute: (facts, v) => single(speedAfter(facts, v)),
	effectsUnlessStopped: (facts, v) => dressedEffects(facts, v, 'dressed', null)
});
