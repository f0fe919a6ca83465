import { spindleRunout } from '../../../mount/spindle-runout.js';
import { runInRecommission } from '../../../run-in/recommission.js';
import { compute, defineStep, pick } from '../../step.js';

/** A machine that has stood: everything that comes before its first stroke. */
export const recommissionStep = defineStep({
	station: 'machine',
	step: 'recommission',
	title: 'Wake it',
	fields: runInRecommission.fields.filter(
		(f) => f.name !== 'rotationRequired' && f.name !== 'pumpWarmS'
	) as never,
	compute: (facts, v) => [
		compute(facts, runInRecommission, { ...(v as object), rotationRequired: facts.machine.rotation })
	]
});

/** The bare spindle under the dial indicator. */
export const spindleStep = defineStep({
	station: 'machine',
	step: 'runout',
	title: 'Run-out of the spindle',
	fields: pick(spindleRunout.fields, 'taperRunoutUm', 'flangeRunoutUm'),
	compute: (facts, v) => [compute(facts, spindleRunout, v)]
});
