import { rotaryTraverse } from '../../../../dress/rotary-traverse.js';
import { Evidence, partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { required, pick } from '../../../step-fields.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { dressed, told } from '../wheel.js';
import { PASSES, planFor, planLine } from './passes.js';

/** A narrow driven disc, drawn across the wheel. */
export const discStep = defineStep({
	station: 'dress',
	step: 'disc',
	title: 'Set the disc',
	fields: [
		required(pick(rotaryTraverse.fields, 'discSpeedRpm')[0]),
		required(pick(rotaryTraverse.fields, 'contactDirection')[0]),
		...pick(rotaryTraverse.fields, 'depthUm'),
		required(pick(rotaryTraverse.fields, 'leadUm')[0]),
		...PASSES
	] as const,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const w = dressed(facts);
		const disc = compute(facts, rotaryTraverse, {
			wheelDiameterMm: w.wheelDiameterMm,
			wheelWidthMm: w.rimWidthMm ?? w.wheelWidthMm,
			wheelSpeedRpm: w.wheelSpeedRpm,
			ratedSpeedMps: w.ratedSpeedMps,
			ratedSpeedRpm: w.ratedSpeedRpm,
			abrasive: w.abrasive,
			grainSizeUm: w.grainSizeUm,
			discDiameterMm: told(dresser.bodyDiameterMm, 'dresser', 'Diameter of the disc'),
			discMaxRpm: dresser.mostRpm ?? null,
			discSpeedRpm: values.discSpeedRpm,
			contactDirection: values.contactDirection,
			depthUm: values.depthUm,
			leadUm: values.leadUm,
			tipRadiusUm: dresser.tipRadiusUm ?? null,
			flatWidthUm: dresser.flatWidthUm ?? 0
		});
		return { main: disc, secondary: [planFor(facts, { ...values, leadUm: disc.output.leadUm }, false)] };
	}
});

/** The disc turns within what it may, does not meet the same points again, and its tracks overlap. */
export const discMethod: DressingMethod = {
	steps: [discStep],
	lines(facts, evidence, chosen) {
		const q = show(facts);
		const set = since(chosen, evidence.step(discStep));
		const disc = partOf(set, rotaryTraverse);
		const most = chosen.dresser?.mostRpm;
		return [
			line({
				key: 'disc',
				title: 'Disc turns and cuts as it should',
				from: disc,
				value: recordedText(
					disc,
					`${q(disc?.output.discSpeedRpm, 'rpm')}${most ? ` of ${q(most, 'rpm')}` : ''}, overlap ${disc?.output.overlapRatio.toFixed(1)}`
				),
				waiting: 'speed, sense, bite, lead'
			}),
			planLine(set)
		];
	}
};
