import type { Step } from '../../define-step.js';
import { alignStep } from './align.js';
import { couponStep } from './coupon.js';
import { formedStep } from './formed.js';
import { formPassesStep } from './passes.js';
import { programStep } from './program.js';
import { radiusStep } from './radius.js';
import { formRollStep } from './roll.js';
import { shapeStep } from './shape.js';
import { sineStep } from './sine.js';

/** Everything that can be recorded at Form. */
export const formSteps: readonly Step[] = [
	shapeStep,
	sineStep,
	radiusStep,
	formRollStep,
	formPassesStep,
	programStep,
	alignStep,
	formedStep,
	couponStep
];
