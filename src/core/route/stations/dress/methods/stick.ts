import { over0, percent } from '../../../../calculation/field/index.js';
import { isSuperabrasive } from '../../../../dress/dress-infeed.js';
import { stick } from '../../../../dress/stick.js';
import { Evidence, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { type Chosen, dressersFor, since } from '../method.js';
import { onOwnShank } from '../../mount/mounting-method.js';
import type { DressingMethod } from '../dressing-method.js';
import { bondOfWheel, dressed, told } from '../wheel.js';

/** A grain is asked for where the marking tells none; so is the concentration. */
const CONCENTRATION = percent('concentrationPercent', 'From the marking when left empty', {
	...over0(300),
	label: 'Concentration'
});
/** Of a stick that the shop keeps no figures of. */
const USUAL_STICK = { sectionWidthMm: 13, sectionHeightMm: 25, stickGrainUm: 45 };

/** Pressed in until it almost falls in: the effort of the presses tells when the wheel is open. */
export const stickStep = defineStep({
	station: 'dress',
	step: 'stick',
	title: 'Open with the stick',
	fields: [...pick(stick.fields, 'pressForcesN', 'protrusionPercent', 'stickRatio'), CONCENTRATION] as const,
	compute(facts, values) {
		const w = dressed(facts);
		const chosen = dressersFor(facts, 'stick')[0];
		const of = (name: keyof typeof USUAL_STICK) => chosen?.[name] ?? USUAL_STICK[name];
		const { concentrationPercent, ...given } = values;
		return single(
			compute(facts, stick, {
				...given,
				surface: w.surface,
				wheelDiameterMm: w.wheelDiameterMm,
				wheelWidthMm: w.wheelWidthMm,
				rimWidthMm: w.rimWidthMm,
				bond: bondOfWheel(facts),
				grainSizeUm: told(w.grainSizeUm, 'grainSizeUm', 'Mean grain of the wheel'),
				concentrationPercent: told(
					concentrationPercent ?? facts.wheel?.concentrationPercent ?? usual(w.abrasive),
					'concentrationPercent',
					'Concentration'
				),
				stickGrainSizeUm: of('stickGrainUm'),
				stickWidthMm: of('sectionWidthMm'),
				stickHeightMm: of('sectionHeightMm')
			})
		);
	}
});
/** A conventional wheel is all grain and bond; a hundred and fifty stands for its share. */
const usual = (abrasive: string): number | null =>
	abrasive === 'cbn' || abrasive === 'diamond' ? null : 150;

/** The wheel is open: the last press took a third of the first, and no less than the one before. */
export function stickLine(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine {
	const pressed = since(chosen, evidence.step(stickStep));
	const part = partOf(pressed, stick);
	const open = part?.output.openState === 'open';
	const presses = pressed?.entered.pressForcesN.length ?? 0;
	return line({
		key: 'opened',
		title: 'Opened with the stick',
		from: part,
		holds: open || (part?.overrideReason ?? null) !== null,
		value: open ? `open after ${presses} presses` : recordedText(part, 'press until it almost falls in'),
		waiting: 'press until it almost falls in'
	});
}

/** Opened or cleaned with a stick alone. */
export const stickMethod: DressingMethod = {
	steps: [stickStep],
	// A small conventional head is cleaned and shaped by eye: no effort of presses is felt on it.
	lines: (facts, evidence, chosen) =>
		onOwnShank(facts) && !isSuperabrasive(dressed(facts).abrasive) ? [] : [stickLine(facts, evidence, chosen)]
};
