import { foundBy, measuredWith } from '../../basis.js';
import { TAPER_LIMIT_UM } from '../../../keep/incident-work.js';
import { spindleRunout } from '../../../mount/spindle-runout.js';
import { runInRecommission } from '../../../run-in/recommission.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep, type Step } from '../../define-step.js';
import { pick, without } from '../../step-fields.js';

/** A machine that has stood: everything that comes before its first stroke. */
export const recommissionStep = defineStep({
	station: 'machine',
	step: 'recommission',
	title: 'Wake it',
	basis: ({ hydraulic, pressureBar }) =>
		hydraulic && pressureBar !== null ? measuredWith('pressure gauge') : foundBy('by eye'),
	fields: without(runInRecommission.fields, 'rotationRequired', 'pumpWarmS'),
	compute: (facts, values) =>
		single(compute(facts, runInRecommission, { ...values, rotationRequired: facts.machine.rotation }))
});

/** The bare spindle under the dial indicator. */
export const spindleStep = defineStep({
	station: 'machine',
	step: 'runout',
	title: 'Run-out of the spindle',
	basis: () => measuredWith('dial indicator'),
	fields: pick(spindleRunout.fields, 'taperRunoutUm', 'flangeRunoutUm'),
	// This station asks about the spindle on the routes that follow a crash.
	compute: (facts, values) =>
		single(
			compute(facts, spindleRunout, {
				...values,
				taperLimitUm: TAPER_LIMIT_UM
			})
		)
});

/** Everything that can be recorded at Machine. */
export const machineSteps: readonly Step[] = [recommissionStep, spindleStep];
