import { crush } from '../../../../dress/crush.js';
import { Evidence, partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { single } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { without } from '../../../step-fields.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { bondOfWheel, dressed, told } from '../wheel.js';

/** A hard roll pressed in without slip. */
export const crushStep = defineStep({
	station: 'dress',
	step: 'crush',
	title: 'Set the crush roll',
	fields: without(crush.fields, 'wheelDiameterMm', 'formWidthMm', 'bond', 'rollDiameterMm', 'machineMinRpm'),
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const { wheelDiameterMm, wheelWidthMm } = dressed(facts);
		return single(
			compute(facts, crush, {
				...values,
				wheelDiameterMm,
				formWidthMm: Math.min(wheelWidthMm, dresser.bodyWidthMm ?? wheelWidthMm),
				bond: bondOfWheel(facts),
				rollDiameterMm: told(dresser.bodyDiameterMm, 'dresser', 'Diameter of the roll'),
				// A roll that drives has a drive of its own, made for it.
				machineMinRpm: values.drive === 'roll' ? null : facts.machine.spindleRpmMin
			})
		);
	}
});

/** The bond crushes, the machine can turn so slowly, the spindle bears the force, and nothing slips. */
export const crushMethod: DressingMethod = {
	steps: [crushStep],
	lines(facts, evidence, chosen) {
		const set = partOf(since(chosen, evidence.step(crushStep)), crush);
		return [
			line({
				key: 'crush',
				title: 'Crushes slowly, within the spindle',
				from: set,
				value: recordedText(set, `${show(facts)(set?.output.drivenSpeedRpm, 'rpm')} driven`),
				waiting: 'who drives, speed, force'
			})
		];
	}
};
