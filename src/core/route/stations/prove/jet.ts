import { coolantJet } from '../../../prove/coolant-jet.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { alone, compute, defineStep, wheelOf, without } from '../../step.js';

/** The jet for this wheel: its speed beside the rim's, and what pump and nozzle give. */
export const jetStep = defineStep({
	station: 'prove',
	step: 'jet',
	title: 'Coolant jet',
	fields: without(coolantJet.fields, 'wheelSpeedMps'),
	compute(facts, v) {
		const wheelSpeedMps = surfaceSpeedMps(wheelOf(facts).diameterMm, facts.machine.spindleRpm);
		return alone(compute(facts, coolantJet, { ...v, wheelSpeedMps }));
	}
});
