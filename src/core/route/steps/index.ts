import { InputFault, shown } from '../../calculation/fault.js';
import {
	autoStep,
	marksStep,
	massStep,
	phaseStep,
	restStep,
	runsStep,
	staysStep,
	swingStep
} from './balance-measure.js';
import { dimplesStep, holesStep, moveStep } from './balance-move.js';
import { levelStep, trackStep } from './balance-track.js';
import { briefStep } from './brief.js';
import { checkSteps } from './check.js';
import { dressedStep, positionStep, settingsStep } from './dress.js';
import { lookStep, ringStep } from './inspect.js';
import { keepStep } from './keep.js';
import { recommissionStep, spindleStep } from './machine.js';
import { benchStep, curedStep, glueStep, packStep, quillStep, toolPostStep } from './mount-special.js';
import { fitStep, flangeStep, threadStep, tightenStep } from './mount.js';
import { diagnoseStep, releaseStep } from './prove.js';
import { outcomeStep, quotedStep, speedStep, startStep } from './run-in.js';
import { takeStep } from './select.js';
import type { Step } from './step.js';
import { faceStep, pencilStep, runoutStep, seatStep, truePlanStep, truedStep } from './true.js';

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
