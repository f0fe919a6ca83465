import { type RIM_BY_HAND_WAYS, rimByHand } from '../../../true/rim-by-hand.js';
import { InputFault } from '../../../calculation/fault.js';
import { type Basis, foundBy } from '../../basis.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { single } from '../../result.js';
import { pick } from '../../step-fields.js';
import { cureRunOut, noteRunOut } from '../../sums.js';
import { AFTER_TRUE } from '../after.js';
import { CUT_AWAY, checkAfter, cutAway } from './cut-away.js';
import { runoutLimitUm } from './readings.js';

/** What is asked of a rim found by hand: the way, and what belongs to it. */
const HAND = pick(rimByHand.fields, 'way', 'lastBiteUm', 'sparkedOut', 'spindleErrorUm');
const HOW: Readonly<Record<string, string>> = {
	'dressed-all-round': 'no untouched spot left',
	'line-held': 'pencil line all round, held',
	'line-clamped': 'pencil line all round, clamped'
};
interface FoundByHand {
	way: (typeof RIM_BY_HAND_WAYS)[number];
	spindleErrorUm: number | null;
}
const byHandBasis = ({ way, spindleErrorUm }: FoundByHand): Basis =>
	foundBy(
		`${HOW[way]}${way === 'dressed-all-round' && spindleErrorUm === null ? ', spindle not measured' : ''}`
	);

/** The rim as it runs, found by hand: nothing was cut. */
export const handStep = defineStep({
	station: 'true',
	step: 'hand',
	title: 'Rim, by hand',
	basis: byHandBasis,
	sumsInto: noteRunOut,
	fields: HAND,
	compute(facts, values) {
		if (values.way === 'dressed-all-round')
			throw new InputFault(
				'way',
				'inconsistent',
				'Dressed all round cuts the wheel: book it as trued, with the diameter now.'
			);
		return single(compute(facts, rimByHand, { ...values, limitTirUm: runoutLimitUm(facts) }));
	}
});

/** Whether what is known of the rim was found by hand: then it is a bound. */
export const isFoundByHand = (read: { step: string } | null): boolean =>
	read !== null && [handStep.step, handTruedStep.step].some((step) => step === read.step);

/** Trued until it was touched all round, where the shop has no indicator. */
export const handTruedStep = defineStep({
	station: 'true',
	step: 'after-hand',
	title: 'Trued, by hand',
	basis: byHandBasis,
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [...HAND, ...CUT_AWAY] as const,
	compute(facts, { way, lastBiteUm, sparkedOut, spindleErrorUm, ...after }) {
		checkAfter(facts, after);
		return single(
			compute(facts, rimByHand, {
				way,
				lastBiteUm,
				sparkedOut,
				spindleErrorUm,
				limitTirUm: runoutLimitUm(facts)
			})
		);
	},
	event: (_facts, values) => cutAway(values)
});
