import { measuredWith } from '../../basis.js';
import { centreError } from '../../../form/centre-error.js';
import { summaryOf } from '../../../form/profile/chain.js';
import { squared } from '../../../form/squared.js';
import { Evidence } from '../../evidence.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { formThere } from './made.js';

/** The dresser stands square, and its tip on centre or on the leaving side. */
export const alignStep = defineStep({
	station: 'form',
	step: 'align',
	title: 'Square and on centre',
	basis: () => measuredWith('dial indicator'),
	fields: [...pick(squared.fields, 'readingUm', 'overMm'), ...pick(centreError.fields, 'offsetMm')] as const,
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		const { widthMm, depthMm } = summaryOf(form.chain);
		const arc = form.chain.find((segment) => segment.kind === 'arc');
		const main = compute(facts, centreError, {
			wheelDiameterMm: wheelOf(facts).diameterMm,
			// A roll lies along the wheel: there is no tip that could stand beside centre.
			offsetMm: form.way === 'roll' ? 0 : values.offsetMm,
			depthMm,
			toleranceUm: form.toleranceUm,
			arcRadiusMm: arc?.kind === 'arc' ? arc.radiusMm : null
		});
		const square = compute(facts, squared, {
			readingUm: values.readingUm,
			overMm: values.overMm,
			formWidthMm: widthMm,
			toleranceUm: form.toleranceUm
		});
		return { main, secondary: [square] };
	}
});
