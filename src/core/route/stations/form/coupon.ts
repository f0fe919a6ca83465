import { measuredWith } from '../../basis.js';
import { leaveOut } from '../../leave-out.js';
import { choice } from '../../../calculation/field/index.js';
import { compareMeasured } from '../../../form/compare-measured.js';
import { Evidence } from '../../evidence.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { formThere } from './made.js';

/** The form as it came out on a coupon, against the one that was meant. */
export const couponStep = defineStep({
	station: 'form',
	step: 'coupon',
	title: 'Read the coupon',
	basis: () => measuredWith('points of the profile'),
	clientFacts: (r) => leaveOut(r, ['segments', 'points', 'csv']),
	fields: [
		...pick(compareMeasured.fields, 'points', 'csv'),
		choice('source', 'What was measured', ['coupon', 'wheel'], { default: 'coupon', label: 'Measured on' }),
		...pick(compareMeasured.fields, 'fit')
	] as const,
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		return single(
			compute(facts, compareMeasured, { ...values, segments: form.segments, toleranceUm: form.toleranceUm })
		);
	}
});
