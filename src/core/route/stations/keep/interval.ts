import { redressInterval } from '../../../keep/redress-interval.js';
import { summaryOf } from '../../../form/profile/chain.js';
import { Evidence } from '../../evidence.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { without } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { surfaceOf } from '../dress/wheel.js';
import { formThere } from '../form/made.js';

/** The steepest a redress straight in still reaches; a wall gets nothing of it and is shifted along the axis. */
const STEEPEST_DEG = 89;

/** When the form is redressed, from what wears off its corners. */
export const intervalStep = defineStep({
	station: 'keep',
	step: 'interval',
	title: 'When to redress the form',
	fields: without(
		redressInterval.fields,
		'formToleranceUm',
		'wheelDiameterMm',
		'maxFlankDeg',
		'usableRadiusUm'
	),
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		const wheel = wheelOf(facts);
		const left =
			surfaceOf(wheel) === 'face' ? wheel.rimDepthMm : (wheel.diameterMm - wheel.minDiameterMm) / 2;
		// What lies beneath the form is what redresses may use.
		const usableUm = left === null ? null : 1000 * (left - summaryOf(form.chain).maxXMm);
		return single(
			compute(facts, redressInterval, {
				...values,
				formToleranceUm: form.toleranceUm,
				wheelDiameterMm: wheel.diameterMm,
				maxFlankDeg: Math.min(STEEPEST_DEG, summaryOf(form.chain).maxFlankDeg),
				usableRadiusUm: usableUm !== null && usableUm > 0 ? usableUm : null
			})
		);
	}
});
