import { formPasses } from '../../../form/passes.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../facts.js';
import { single, compute, defineStep, pick, wheelOf } from '../../step.js';
import { surfaceOf } from '../dress/wheel.js';
import { type Form, formThere } from './made.js';
import { toolFor } from './tool-for.js';

/** What of the wheel the passes of a form are planned from. */
function wheelForPasses(facts: SetupFacts, form: Form) {
	const w = wheelOf(facts);
	const face = surfaceOf(w) === 'face';
	return {
		segments: form.segments,
		tool: toolFor(form.way, form.dresser),
		wheelDiameterMm: w.diameterMm,
		surface: surfaceOf(w),
		...(face
			? { rimWidthMm: w.rimWidthMm, rimDepthMm: w.rimDepthMm }
			: { minDiameterMm: w.minDiameterMm > 0 ? w.minDiameterMm : null })
	};
}

/** The passes that bring the form into the wheel. */
export const formPassesStep = defineStep({
	station: 'form',
	step: 'passes',
	title: 'Plan the passes',
	fields: pick(
		formPasses.fields,
		'roughDepthUm',
		'finishDepthUm',
		'finishPasses',
		'sparkOutPasses',
		'feedMmPerMin',
		'returnS',
		'blankXMm'
	),
	notAgainstStop: true,
	compute: (facts, v) =>
		single(
			compute(facts, formPasses, {
				...v,
				...wheelForPasses(facts, formThere(facts, Evidence.of(facts)))
			})
		)
});
