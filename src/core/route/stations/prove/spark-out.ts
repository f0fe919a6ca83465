import { systemStiffness } from '../../../prove/system-stiffness.js';
import { single, compute, defineStep } from '../../step.js';

/** What was read while it sparked out: it teaches how quickly this machine springs back. */
export const sparkOutStep = defineStep({
	station: 'prove',
	step: 'spark-out',
	title: 'Read while it sparks out',
	fields: systemStiffness.fields,
	compute: (facts, v) => single(compute(facts, systemStiffness, v))
});
