import { measuredWith } from '../../basis.js';
import { InputFault } from '../../../calculation/fault.js';
import { speedCheck } from '../../../run-in/speed-check.js';
import { speedStatement } from '../../../spec/speed-statement.js';
import { runningSince } from './outcome.js';
import { turningLimit } from '../mount/turning.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';

const GUARD_FIRST =
	'Guard first: say that it is shut and that nobody stands in line with the rim, start, then read the tachometer with the wheel on.';

export const speedStep = defineStep({
	station: 'run-in',
	step: 'speed',
	title: 'Tachometer',
	basis: () => measuredWith('tachometer'),
	fields: pick(speedCheck.fields, 'measuredRpm', 'stage'),
	compute(facts, values) {
		const w = wheelOf(facts);
		if (values.stage === 'after-wheel' && !runningSince(facts))
			throw new InputFault('stage', 'guard-first', GUARD_FIRST);
		return single(
			compute(facts, speedCheck, {
				// Of everything that turns with it: another wheel of the pack, its arbor or a quill may allow less.
				ratedRpm: turningLimit(facts)?.rpm ?? w.ratedRpm,
				ratedSpeedMps: w.ratedMps,
				originalDiameterMm: w.newDiameterMm,
				currentDiameterMm: Math.min(w.diameterMm, w.newDiameterMm),
				commandedRpm: facts.machine.spindleRpm,
				...values
			})
		);
	},
	/** A wheel that ran faster than it may is set aside; a bare spindle hurts none. */
	quarantines: (v) => (v.stage === 'after-wheel' ? ['overspeed'] : [])
});

/** What somebody quoted for this wheel, checked and kept; it decides nothing by itself. */
export const quotedStep = defineStep({
	station: 'run-in',
	step: 'quoted',
	title: 'A quoted speed',
	fields: [
		{
			...pick(speedStatement.fields, 'diameterMm')[0],
			required: false,
			about: "Quoted; today's when left empty"
		},
		...pick(speedStatement.fields, 'statedRpm', 'statedSpeedMps', 'statedSpeedSfpm')
	] as const,
	compute: (facts, values) =>
		single(
			compute(facts, speedStatement, {
				...values,
				diameterMm: values.diameterMm ?? wheelOf(facts).diameterMm,
				ratedSpeedMps: wheelOf(facts).ratedMps
			})
		)
});
