import { measuredWith } from '../../../basis.js';
import { benchGrinder } from '../../../../mount/bench-grinder.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { TIGHTEN_PART, tighteningLines } from '../tightening.js';
import { FIT_PART, FIT_STEPS } from '../fit.js';
import { FLANGE_PART, flange, flangeLines, flangeStep } from './flange.js';
import type { MountingMethod } from '../mounting-method.js';

export const benchStep = defineStep({
	station: 'mount',
	step: 'bench',
	title: 'Rest, tongue and guards',
	basis: () => measuredWith('rule or gauge'),
	fields: pick(
		benchGrinder.fields,
		'restGapMm',
		'tongueGapMm',
		'restAtCentre',
		'guardsOn',
		'shieldClear',
		'boltedDown'
	),
	compute: (facts, values) =>
		single(
			compute(facts, benchGrinder, {
				...values
			})
		)
});

/** On a bench grinder: flanges as anywhere, then rest, tongue and guards close to the wheel. */
export const bench: MountingMethod = {
	words: 'on a bench grinder',
	lead: flange.lead,
	steps: [flangeStep, ...FIT_STEPS, benchStep],
	parts: [FIT_PART, FLANGE_PART, TIGHTEN_PART, { id: 'bench', title: 'Rest and guards', lines: ['bench'] }],
	gate(facts, evidence) {
		const q = show(facts);
		const set = evidence.step(benchStep);
		const gaps = `rest ${q(set?.entered.restGapMm, 'mm')}, tongue ${q(set?.entered.tongueGapMm, 'mm')}`;
		return [
			...flangeLines(facts, evidence),
			...tighteningLines(facts, evidence),
			line({
				key: 'bench',
				title: 'Rest, tongue and guards set',
				from: set,
				value: recordedText(set, gaps),
				waiting: 'close to the wheel'
			})
		];
	},
	beforeTightening: flange.beforeTightening,
	shownBeforeStart: [...flange.shownBeforeStart, 'bench']
};
