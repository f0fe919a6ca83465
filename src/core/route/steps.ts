import { InputFault, shown } from '../calculation/fault.js';
import {
	autoStep,
	marksStep,
	massStep,
	phaseStep,
	restStep,
	runsStep,
	staysStep,
	swingStep
} from './stations/balance/measure.js';
import { dimplesStep, holesStep, moveStep } from './stations/balance/move.js';
import { levelStep, trackStep } from './stations/balance/track.js';
import { briefStep } from './stations/brief/steps.js';
import { checkSteps } from './stations/shop-check.js';
import { dressedStep, positionStep, settingsStep } from './stations/dress/steps.js';
import { lookStep, ringStep } from './stations/inspect/steps.js';
import { keepStep } from './stations/keep/steps.js';
import { recommissionStep, spindleStep } from './stations/machine/steps.js';
import {
	benchStep,
	curedStep,
	glueStep,
	packStep,
	quillStep,
	toolPostStep
} from './stations/mount/special.js';
import { fitStep, flangeStep, threadStep, tightenStep } from './stations/mount/steps.js';
import { diagnoseStep, releaseStep } from './stations/prove/steps.js';
import { outcomeStep, quotedStep, speedStep, startStep } from './stations/run-in/steps.js';
import { takeStep } from './stations/select/steps.js';
import type { Step } from './step.js';
import {
	faceStep,
	pencilStep,
	runoutStep,
	seatStep,
	truePlanStep,
	truedStep
} from './stations/true/steps.js';

/** Everything that can be recorded on a setup, in the order of the stations. */
export const STEPS: readonly Step[] = [
	briefStep,
	takeStep,
	lookStep,
	ringStep,
	recommissionStep,
	spindleStep,
	packStep,
	quillStep,
	glueStep,
	curedStep,
	benchStep,
	toolPostStep,
	flangeStep,
	fitStep,
	threadStep,
	tightenStep,
	quotedStep,
	speedStep,
	startStep,
	outcomeStep,
	runoutStep,
	pencilStep,
	faceStep,
	seatStep,
	truePlanStep,
	truedStep,
	levelStep,
	trackStep,
	swingStep,
	marksStep,
	massStep,
	restStep,
	phaseStep,
	runsStep,
	autoStep,
	staysStep,
	moveStep,
	holesStep,
	dimplesStep,
	positionStep,
	settingsStep,
	dressedStep,
	diagnoseStep,
	releaseStep,
	keepStep,
	...checkSteps
];

/** @throws InputFault when a station has no such step */
export function stepOf(station: unknown, step: unknown): Step {
	const found = STEPS.find((s) => s.station === station && s.step === step);
	if (!found)
		throw new InputFault(
			'step',
			'unknown-choice',
			`There is no step ${shown(step)} at station ${shown(station)}.`
		);
	return found;
}
