import { mountToolPost } from '../../../../mount/tool-post.js';
import { partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { wheelOf } from '../../../wheel-size.js';
import { TIGHTEN_PART, tighteningLines } from '../tightening.js';
import { FIT_PART, FIT_STEPS } from '../fit.js';
import { FLANGE_PART, flange, flangeLines, flangeStep } from './flange.js';
import { markedRpmOf } from '../marked.js';
import type { MountingMethod } from '../mounting-method.js';

export const toolPostStep = defineStep({
	station: 'mount',
	step: 'tool-post',
	title: 'Height, ways and chuck',
	fields: pick(
		mountToolPost.fields,
		'centreOffsetMm',
		'workDiameterMm',
		'grinding',
		'waysCovered',
		'wheelClearOfChuck',
		'sizeToleranceUm'
	),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const limit = markedRpmOf(wheel);
		return single(
			compute(facts, mountToolPost, {
				...values,
				wheelDiameterMm: wheel.diameterMm,
				runRpm: facts.machine.spindleRpm,
				ratedRpm: limit
			})
		);
	}
});

/** On a lathe's tool post: height and ways first, then flanges as anywhere. */
export const toolPost: MountingMethod = {
	words: 'on a lathe tool post',
	lead: flange.lead,
	steps: [flangeStep, ...FIT_STEPS, toolPostStep],
	parts: [
		{ id: 'tool-post', title: 'Height and ways', lines: ['tool-post'] },
		FIT_PART,
		FLANGE_PART,
		TIGHTEN_PART
	],
	gate(facts, evidence) {
		const recorded = evidence.step(toolPostStep);
		const errorUm = partOf(recorded, mountToolPost)?.output.diameterErrorUm;
		return [
			line({
				key: 'tool-post',
				title: 'On centre, ways covered',
				from: recorded,
				value: recordedText(recorded, `${show(facts)(errorUm, 'um')} off on the diameter`),
				waiting: 'height, cloth, chuck'
			}),
			...flangeLines(facts, evidence),
			...tighteningLines(facts, evidence)
		];
	},
	beforeTightening: ['tool-post', ...flange.beforeTightening],
	shownBeforeStart: ['tool-post', ...flange.shownBeforeStart]
};
