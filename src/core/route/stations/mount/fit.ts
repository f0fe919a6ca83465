import { fitByHand } from '../../../mount/fit-by-hand.js';
import { fitCheck } from '../../../mount/fit-check.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { foundBy, measuredWith } from '../../basis.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { type Evidence, type Recorded, partOf } from '../../evidence.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import { single } from '../../result.js';
import { pick } from '../../step-fields.js';
import { massNowKg, mountOf, wheelOf } from '../../wheel-size.js';
import type { MountPart } from './mounting-method.js';

export const fitStep = defineStep({
	station: 'mount',
	step: 'fit',
	title: 'Bore on its seat',
	basis: () => measuredWith('caliper'),
	fields: [...pick(fitCheck.fields, 'boreMm', 'arborMm', 'forced')],
	compute: (facts, values) =>
		single(compute(facts, fitCheck, { ...values, massKg: massNowKg(wheelOf(facts)) }))
});

/** The same without a caliper, where bore and seat are of one size: it slides on and does not rock. */
export const fitFeltStep = defineStep({
	station: 'mount',
	step: 'fit-felt',
	title: 'Bore on its seat, felt',
	basis: () => foundBy('slid on, did not rock'),
	fields: pick(fitByHand.fields, 'bushing', 'slidesOn', 'rocks'),
	compute: (facts, values) =>
		single(
			compute(facts, fitByHand, {
				boreMm: wheelOf(facts).boreMm,
				seatMm: mountOf(facts).seatMm,
				...values
			})
		)
});
export const FIT_STEPS = [fitStep, fitFeltStep] as const;

/** How the bore sits, as far as it is known: what was measured counts, unless the hand has found it wrong since. */
export function fitOf(evidence: Evidence): Recorded | null {
	const [measured, felt] = [evidence.step(fitStep), evidence.step(fitFeltStep)];
	if (!measured) return felt;
	return felt && felt.id > measured.id && felt.verdict === 'stop' ? felt : measured;
}

export function fitLine(facts: SetupFacts, evidence: Evidence): GateLine {
	const q = show(facts);
	const fit = fitOf(evidence);
	const play = partOf(fit, fitCheck)?.output;
	const found = play
		? `${q(play.clearanceUm, 'um')} play, up to ${q(play.maxRunoutTirUm, 'um')} run-out`
		: 'slides on, does not rock';
	return line({
		key: 'fit',
		title: 'Slides on by hand',
		from: fit,
		value: fit?.verdict === 'stop' ? recordedText(fit, '') : found,
		waiting: 'measure bore and seat, or feel it where they are of one size'
	});
}

export const FIT_PART: MountPart = { id: 'fit', title: 'Fit', lines: ['fit'] };
