import { continuousDress } from '../../../../dress/continuous.js';
import { rotaryPlunge } from '../../../../dress/rotary-plunge.js';
import { Evidence, partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { required, pick, without } from '../../../step-fields.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { dressed, told } from '../wheel.js';

/** A driven roll as wide as the form, fed straight in. */
export const rollStep = defineStep({
	station: 'dress',
	step: 'roll',
	title: 'Set the roll',
	fields: [
		required(pick(rotaryPlunge.fields, 'rollSpeedRpm')[0]),
		required(pick(rotaryPlunge.fields, 'contactDirection')[0]),
		...pick(rotaryPlunge.fields, 'feedUmPerRev', 'totalDepthUm', 'dwellRevs')
	] as const,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const { wheelDiameterMm, wheelWidthMm, wheelSpeedRpm, ratedSpeedMps, ratedSpeedRpm } = dressed(facts);
		return single(
			compute(facts, rotaryPlunge, {
				...values,
				wheelDiameterMm,
				wheelWidthMm,
				wheelSpeedRpm,
				ratedSpeedMps,
				ratedSpeedRpm,
				rollDiameterMm: told(dresser.bodyDiameterMm, 'dresser', 'Diameter of the roll'),
				rollWidthMm: told(dresser.bodyWidthMm, 'dresser', 'Width of the roll'),
				rollMaxRpm: dresser.mostRpm ?? null
			})
		);
	}
});

/** The roll stays on the wheel while it creep feeds. */
export const continuousStep = defineStep({
	station: 'dress',
	step: 'continuous',
	title: 'Keep the roll on the wheel',
	fields: without(
		continuousDress.fields,
		'wheelDiameterMm',
		'wheelWidthMm',
		'wheelMinDiameterMm',
		'wheelSpeedRpm',
		'ratedSpeedMps',
		'ratedSpeedRpm'
	),
	compute(facts, values) {
		const { wheelDiameterMm, wheelWidthMm, wheelMinDiameterMm, wheelSpeedRpm, ratedSpeedMps, ratedSpeedRpm } =
			dressed(facts);
		return single(
			compute(facts, continuousDress, {
				...values,
				wheelDiameterMm,
				wheelWidthMm,
				wheelMinDiameterMm,
				wheelSpeedRpm,
				ratedSpeedMps,
				ratedSpeedRpm
			})
		);
	}
});

/** The roll turns within what it may, its points do not meet again, and it covers the wheel. */
export const rollMethod: DressingMethod = {
	steps: [rollStep, continuousStep],
	lines(facts, evidence, chosen) {
		const q = show(facts);
		const roll = partOf(since(chosen, evidence.step(rollStep)), rotaryPlunge);
		const on = partOf(since(chosen, evidence.step(continuousStep)), continuousDress);
		const most = chosen.dresser?.mostRpm;
		return [
			line({
				key: 'roll',
				title: 'Roll turns and covers as it should',
				from: roll,
				value: recordedText(
					roll,
					`${q(roll?.output.rollSpeedRpm, 'rpm')}${most ? ` of ${q(most, 'rpm')}` : ''}, ratio ${roll?.output.speedRatio.toFixed(2)}`
				),
				waiting: 'speed, sense, feed a turn'
			}),
			...(on
				? [
						line({
							key: 'continuous',
							title: 'Roll stays on while it grinds',
							from: on,
							value: recordedText(on, `${on.output.partsPerWheel} parts left in the wheel`),
							waiting: ''
						})
					]
				: [])
		];
	}
};
