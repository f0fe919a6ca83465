import type { Step } from '../../define-step.js';
import { againStep } from './again.js';
import { dressedStep } from './dressed.js';
import { methodStep } from './method.js';
import { openedStep } from './opened.js';
import { packAgainStep } from './pack-again.js';
import { settingSteps } from './set-dresser.js';
import { leaveCutStep, trialCutStep } from './trial-cut.js';
import { METHODS } from './methods.js';

/** Everything that can be recorded at Dress. */
export const dressSteps: readonly Step[] = [
	methodStep,
	...new Set(Object.values(METHODS).flatMap((w) => w.steps)),
	...settingSteps,
	packAgainStep,
	openedStep,
	trialCutStep,
	leaveCutStep,
	dressedStep,
	againStep
];
