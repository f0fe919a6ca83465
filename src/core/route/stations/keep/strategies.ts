import { compareStrategies } from '../../../keep/compare-strategies.js';
import { gRatio } from '../../../keep/g-ratio.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { without } from '../../step-fields.js';

/** Little and often, or much and seldom, for this wheel and this part. */
export const strategiesStep = defineStep({
	station: 'keep',
	step: 'strategies',
	title: 'Two ways to redress',
	fields: without(compareStrategies.fields, 'diameterMm', 'minDiameterMm'),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		return single(
			compute(facts, compareStrategies, {
				...values,
				diameterMm: wheel.diameterMm,
				minDiameterMm: wheel.minDiameterMm || 1
			})
		);
	}
});

/** Work ground for what the wheel wore, from two diameters of this wheel. */
export const gRatioStep = defineStep({
	station: 'keep',
	step: 'g-ratio',
	title: 'G ratio',
	fields: without(gRatio.fields, 'wheelWidthMm'),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		return single(compute(facts, gRatio, { ...values, wheelWidthMm: wheel.rimWidthMm ?? wheel.widthMm }));
	}
});
