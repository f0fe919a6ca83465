import { leaveOut } from '../../leave-out.js';
import { formPasses } from '../../../form/passes.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { type RecordValues, defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { surfaceOf } from '../dress/wheel.js';
import { type Form, formThere } from './made.js';
import { toolFor } from './tool-for.js';

/** What of the wheel the passes of a form are planned from. */
function wheelForPasses(facts: SetupFacts, form: Form) {
	const wheel = wheelOf(facts);
	const face = surfaceOf(wheel) === 'face';
	return {
		segments: form.segments,
		tool: toolFor(form.way, form.dresser),
		wheelDiameterMm: wheel.diameterMm,
		surface: surfaceOf(wheel),
		...(face
			? { rimWidthMm: wheel.rimWidthMm, rimDepthMm: wheel.rimDepthMm }
			: { minDiameterMm: wheel.minDiameterMm > 0 ? wheel.minDiameterMm : null })
	};
}

/** Of each pass a page asks only what is left after it. */
function onlyWhatIsLeft(record: RecordValues): RecordValues {
	const { passes } = record.output;
	if (!Array.isArray(passes)) return record;
	const left = passes.map(({ remainingUm }: Record<string, unknown>) => ({ remainingUm }));
	return { ...record, output: { ...record.output, passes: left } };
}

/** The passes that bring the form into the wheel. */
export const formPassesStep = defineStep({
	station: 'form',
	step: 'passes',
	title: 'Plan the passes',
	clientFacts: (r) => onlyWhatIsLeft(leaveOut(r, ['segments', 'segmentBites', 'segmentFeeds'])),
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
	compute: (facts, values) =>
		single(
			compute(facts, formPasses, {
				...values,
				...wheelForPasses(facts, formThere(facts, Evidence.of(facts)))
			})
		)
});
