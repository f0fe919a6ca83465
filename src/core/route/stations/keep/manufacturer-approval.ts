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
	compute(facts, v) {
		const w = wheelOf(facts);
		const at = surfaceSpeedMps(w.diameterMm, facts.machine.spindleRpm);
		return single(
			compute(facts, holdSpeed, {
				diameterMm: w.diameterMm,
				minDiameterMm: Math.min(w.minDiameterMm || 1, w.diameterMm),
				targetMps: Math.min(at, w.ratedMps ?? at),
				rpmMin: facts.machine.spindleRpmMin,
				rpmMax: facts.machine.spindleRpmMax,
				ratedMps: w.ratedMps ?? at,
				markedRpm: w.ratedRpm,
				newDiameterMm: Math.max(w.newDiameterMm, w.diameterMm),
				allowAboveMarkedRpm: v.mayRunAbove
			})
		);
	}
});

/** Whether a lead has recorded that this wheel may turn above its marked rpm; never without a marked surface speed that still holds. */
export const mayRunAbove = (facts: SetupFacts): boolean =>
	wheelOf(facts).ratedMps !== null &&
	Evidence.of(facts).step(manufacturerApprovalStep)?.entered.mayRunAbove === true;
