import type { Step } from '../../define-step.js';
import { phaseStep, runsStep } from './by-vibration.js';
import { dimplesStep, holesStep } from './holes-and-dimples.js';
import { levelBothWaysStep, levelStep } from './level.js';
import { moveStep } from './move.js';
import { marksStep, massStep, restStep, swingStep } from './on-stand.js';
import { staysStep } from './stays.js';
import { backStep, offStep, restartStep } from './off-and-back.js';
import { autoStep } from './own-balancer.js';
import { planesMadeStep, planesStep } from './two-planes.js';
import { trackStep } from './track.js';

/** Everything that can be recorded at Balance: taken off for the stand, levelled and counted, measured in some way, corrected, put back. */
export const balanceSteps: readonly Step[] = [
	offStep,
	levelStep,
	levelBothWaysStep,
	trackStep,
	swingStep,
	marksStep,
	massStep,
	restStep,
	phaseStep,
	runsStep,
	planesStep,
	planesMadeStep,
	autoStep,
	staysStep,
	moveStep,
	holesStep,
	dimplesStep,
	backStep,
	restartStep
];
