import { systemStiffness } from '../../../prove/system-stiffness.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';

/** What was read while it sparked out: it teaches how quickly this machine springs back. */
export const sparkOutStep = defineStep({
	station: 'prove',
	step: 'spark-out',
	title: 'Read while it sparks out',
	fields: systemStiffness.fields,
	compute: (facts, values) => single(compute(facts, systemStiffness, values))
});
