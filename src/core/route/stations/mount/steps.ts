import type { Step } from '../../define-step.js';
import { chooseStep } from './choose.js';
import { threadStep, tightenStep } from './tightening.js';
import { neutralStep } from './neutral.js';
import { METHODS } from './methods.js';

/** Everything that can be recorded at Mount: what each way of mounting asks, then thread and tightening. */
export const mountSteps: readonly Step[] = [
	...new Set(Object.values(METHODS).flatMap((way) => way.steps)),
	threadStep,
	tightenStep,
	neutralStep,
	chooseStep
];
