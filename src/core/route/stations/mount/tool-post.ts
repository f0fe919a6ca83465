import { mountToolPost } from '../../../mount/tool-post.js';
import { partOf } from '../../evidence.js';
import { line } from '../../gate.js';
import { said, show } from '../../say.js';
import { single, compute, defineStep, pick, wheelOf } from '../../step.js';
import { TIGHTEN_PART, closingLines } from './closing.js';
import { FIT_PART, FLANGE_PART, fitStep, flange, flangeLines, flangeStep } from './flange.js';
import { markedRpmOf } from './marked.js';
import type { WayOfMounting } from './way.js';

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
	compute(facts, v) {
		const w = wheelOf(facts);
		const limit = markedRpmOf(w);
		return single(
			compute(facts, mountToolPost, {
				...v,
				wheelDiameterMm: w.diameterMm,
				runRpm: facts.machine.spindleRpm,
				ratedRpm: limit
			})
		);
	}
});

/** On a lathe's tool post: height and ways first, then flanges as anywhere. */
export const toolPost: WayOfMounting = {
	words: 'on a lathe tool post',
	lead: flange.lead,
	steps: [flangeStep, fitStep, toolPostStep],
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
				value: said(recorded, `${show(facts)(errorUm, 'um')} off on the diameter`),
				waiting: 'height, cloth, chuck'
			}),
			...flangeLines(facts, evidence),
			...closingLines(facts, evidence)
		];
	},
	beforeTightening: ['tool-post', ...flange.beforeTightening],
	shownBeforeStart: ['tool-post', ...flange.shownBeforeStart]
};
