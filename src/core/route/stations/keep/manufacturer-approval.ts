import { text, yesNo } from '../../../calculation/field/index.js';
import { MIN_REASON } from '../../../calculation/reason.js';
import { holdSpeed } from '../../../keep/hold-speed.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';

/** What the maker of the wheel says about turning it faster than marked once it is smaller; a lead alone records it. */
export const manufacturerApprovalStep = defineStep({
	station: 'keep',
	step: 'makers-word',
	title: "The maker's word on rpm",
	fields: [
		yesNo('mayRunAbove', 'As the wheel gets smaller, never over its m/s', {
			required: true,
			label: 'May turn above the marked rpm'
		}),
		text('word', 'Who said it, when, and where it is written', {
			required: true,
			minLetters: MIN_REASON,
			maxLength: 300,
			label: "The maker's word"
		})
	],
	leadOnly: "A lead records the maker's word; ask one.",
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const at = surfaceSpeedMps(wheel.diameterMm, facts.machine.spindleRpm);
		return single(
			compute(facts, holdSpeed, {
				diameterMm: wheel.diameterMm,
				minDiameterMm: Math.min(wheel.minDiameterMm || 1, wheel.diameterMm),
				targetMps: Math.min(at, wheel.ratedMps ?? at),
				rpmMin: facts.machine.spindleRpmMin,
				rpmMax: facts.machine.spindleRpmMax,
				ratedMps: wheel.ratedMps ?? at,
				markedRpm: wheel.ratedRpm,
				newDiameterMm: Math.max(wheel.newDiameterMm, wheel.diameterMm),
				allowAboveMarkedRpm: values.mayRunAbove
			})
		);
	}
});

/** Whether a lead has recorded that this wheel may turn above its marked rpm; never without a marked surface speed that still holds. */
export const mayRunAbove = (facts: SetupFacts): boolean =>
	wheelOf(facts).ratedMps !== null &&
	Evidence.of(facts).step(manufacturerApprovalStep)?.entered.mayRunAbove === true;
