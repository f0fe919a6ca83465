import type { Step } from '../../step.js';
import { chooseStep } from './choose.js';
import { threadStep, tightenStep } from './closing.js';
import { neutralStep } from './neutral.js';
import { WAYS } from './ways.js';

/** Everything that can be recorded at Mount: what each way of mounting asks, then thread and tightening. */
export const mountSteps: readonly Step[] = [
	...new Set(Object.values(WAYS).flatMap((way) => way.steps)),
	threadStep,
	tightenStep,
	neutralStep,
	chooseStep
];
