import { InputFault, shown } from '../calculation/fault.js';
import { STATIONS } from './station-names.js';
import { STATION } from './stations/index.js';
import { checkSteps } from './stations/shop-check.js';
import type { Step } from './define-step.js';

/** Everything that can be recorded on a setup, in the order of the stations. */
export const STEPS: readonly Step[] = [...STATIONS.flatMap((id) => STATION[id].steps), ...checkSteps];

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
