import type { Step } from '../../define-step.js';
import { outcomeStep } from './outcome.js';
import { plateStep } from './plate.js';
import { quotedStep, speedStep } from './speed.js';
import { startStep } from './start.js';

/** Everything that can be recorded at Run in. */
export const runInSteps: readonly Step[] = [quotedStep, speedStep, plateStep, startStep, outcomeStep];
