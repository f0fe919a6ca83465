import { coolantJet } from '../../../prove/coolant-jet.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import type { StationId } from '../../station-names.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { without } from '../../step-fields.js';

/** The jet for this wheel as it is now: its speed beside the rim's, and what pump and nozzle give. */
const aimed = <const S extends StationId>(station: S) =>
	defineStep({
		station,
		step: 'jet',
		title: 'Coolant jet',
		fields: without(coolantJet.fields, 'wheelSpeedMps'),
		compute(facts, values) {
			const wheelSpeedMps = surfaceSpeedMps(wheelOf(facts).diameterMm, facts.machine.spindleRpm);
			return single(compute(facts, coolantJet, { ...values, wheelSpeedMps }));
		}
	});
/** Before the release. */
export const jetStep = aimed('prove');
/** While it grinds: a smaller wheel wants another jet. */
export const keepJetStep = aimed('keep');
