import { RIM_BY_HAND_WAYS, rimByHand } from '../../../true/rim-by-hand.js';
import { choice } from '../../../calculation/field/index.js';
import { foundBy } from '../../basis.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { single } from '../../result.js';
import { pick } from '../../step-fields.js';
import { cureRunOut, noteRunOut } from '../../sums.js';
import { AFTER_TRUE } from '../after.js';
import { CUT_AWAY, checkAfter, cutAway } from './cut-away.js';
import { runoutLimitUm } from './readings.js';

const LINES = RIM_BY_HAND_WAYS.filter((way) => way !== 'dressed-all-round');
const HOW: Readonly<Record<(typeof LINES)[number], string>> = {
	'line-held': 'pencil line all round, held',
	'line-clamped': 'pencil line all round, clamped'
};

/** The rim as it runs, by a pencil line that closes all round: nothing was cut. */
export const handStep = defineStep({
	station: 'true',
	step: 'hand',
	title: 'Rim, by hand',
	basis: ({ way }) => foundBy(HOW[way]),
	sumsInto: noteRunOut,
	fields: [choice('way', 'How the pencil was brought up', LINES, { required: true, label: 'Found by' })],
	compute: (facts, { way }) => single(compute(facts, rimByHand, { way, limitTirUm: runoutLimitUm(facts) }))
});

/** Trued until it was touched all round, where the shop has no indicator. */
export const handTruedStep = defineStep({
	station: 'true',
	step: 'after-hand',
	title: 'Trued, by hand',
	basis: ({ spindleErrorUm }) =>
		foundBy(`no untouched spot left${spindleErrorUm === null ? ', spindle not measured' : ''}`),
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [
		{ ...pick(rimByHand.fields, 'lastBiteUm')[0], required: true },
		...pick(rimByHand.fields, 'sparkedOut', 'spindleErrorUm'),
		...CUT_AWAY
	] as const,
	compute(facts, { lastBiteUm, sparkedOut, spindleErrorUm, ...after }) {
		checkAfter(facts, after);
		return single(
			compute(facts, rimByHand, {
				way: 'dressed-all-round',
				lastBiteUm,
				sparkedOut,
				spindleErrorUm,
				limitTirUm: runoutLimitUm(facts)
			})
		);
	},
	event: (_facts, values) => cutAway(values)
});

/** Whether what is known of the rim was found by hand: then it is a bound. */
export const isFoundByHand = (read: { step: string } | null): boolean =>
	read !== null && [handStep.step, handTruedStep.step].some((step) => step === read.step);
