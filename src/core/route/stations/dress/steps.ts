import { alone, defineStep, type Step } from '../../step.js';
import { againStep } from './again.js';
import { DRESSED_FIELDS, dressedEffects, speedAfter } from './done.js';
import { methodStep } from './method.js';
import { openedStep } from './opened.js';
import { WAYS } from './ways.js';

export const dressedStep = defineStep({
	station: 'dress',
	step: 'done',
	title: 'Dressed',
	fields: DRESSED_FIELDS,
	compute: (facts, v) => alone(speedAfter(facts, v)),
	effectsUnlessStopped: (facts, v) => dressedEffects(facts, v, 'dressed', null)
});

/** Everything that can be recorded at Dress. */
export const dressSteps: readonly Step[] = [
	methodStep,
	...new Set(WAYS.flatMap((w) => w.steps)),
	openedStep,
	dressedStep,
	againStep
];
