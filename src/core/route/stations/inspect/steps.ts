import type { Step } from '../../define-step.js';
import { lookStep } from './look.js';
import { ringStep } from './ring.js';

/** Everything that can be recorded at Inspect. */
export const inspectSteps: readonly Step[] = [lookStep, ringStep];
