import { yesNo } from '../../../calculation/field/index.js';
import { overlap } from '../../../dress/overlap.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { Evidence } from '../../evidence.js';
import { chosenMethod } from './method.js';
import { dressed } from './wheel.js';

/** Truing polishes: one opening dress follows it, and its overlap says whether it opens. */
export const openedStep = defineStep({
	station: 'dress',
	step: 'opened',
	title: 'Opening dress',
	fields: [
		...pick(overlap.fields, 'depthUm', 'leadUm'),
		yesNo('done', 'One pass at an ordinary bite and a quick lead', { required: true, label: 'Opened' })
	] as const,
	compute(facts, values) {
		const dresser = chosenMethod(facts, Evidence.of(facts))?.dresser;
		const { abrasive, grainSizeUm } = dressed(facts);
		return single(
			compute(facts, overlap, {
				tipRadiusUm: dresser?.tipRadiusUm ?? USUAL_TIP_UM,
				flatWidthUm: dresser?.tipRadiusUm ? (dresser.flatWidthUm ?? 0) : 0,
				depthUm: values.depthUm,
				leadUm: values.leadUm,
				abrasive,
				grainSizeUm
			})
		);
	}
});
/** Round of a hand tool's edge where nobody measured it (guideline). */
const USUAL_TIP_UM = 300;
