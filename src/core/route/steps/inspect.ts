import { ringDecision } from '../../inspect/ring-decision.js';
import { InputFault } from '../../calculation/fault.js';
import { ringApplicability } from '../../inspect/ring-applicability.js';
import { tapPlan } from '../../inspect/tap-plan.js';
import { visual } from '../../inspect/visual.js';
import type { SetupFacts } from '../facts.js';
import { compute, defineStep, massNowKg, pick, wheelOf } from './step.js';

export const lookStep = defineStep({
	station: 'inspect', step: 'look', title: 'Look it over',
	fields: pick(visual.fields, 'crack', 'dropped', 'markingLegible', 'boreClean', 'facesClean', 'moisture', 'blotterState', 'chips'),
	compute(facts, values) {
		const w = wheelOf(facts);
		return [compute(visual, { ...values, bond: w.bondFamily ?? 'vitrified', todayDate: facts.today, ratedSpeedMps: w.ratedMps, ratedSpeedRpm: w.ratedRpm, expiryDate: w.expiresOn })];
	},
	quarantines: ['crack', 'dropped', 'chip-critical-zone', 'chip-large', 'frost', 'marking-illegible', 'no-rated-speed', 'expired']
});

/** Whether and how this wheel is rung, and where. */
export function ringSetting(facts: SetupFacts): { applicability: 'yes' | 'limited' | 'no'; method: string; taps: ReturnType<typeof tapPlan.run>['taps']; tapRadiusMm: number } {
	const w = wheelOf(facts);
	const can = ringApplicability.run({ bond: w.bondFamily ?? 'vitrified', shape: 'straight', diameterMm: w.diameterMm, massKg: massNowKg(w) });
	const plan = tapPlan.run({ diameterMm: w.diameterMm, boreMm: w.boreMm });
	return { applicability: can.applicability as 'yes' | 'limited' | 'no', method: can.method, taps: plan.taps, tapRadiusMm: plan.tapRadiusMm };
}

/** The worst of what was heard at all places. */
export function worstHeard(taps: readonly string[]): 'clear' | 'doubtful' | 'dull' | 'none' {
	if (taps.includes('dull')) return 'dull';
	return taps.includes('doubtful') ? 'doubtful' : taps.length ? 'clear' : 'none';
}

export const ringStep = defineStep({
	station: 'inspect', step: 'ring', title: 'Ring it',
	fields: [{ name: 'taps', kind: 'list', required: true, minItems: 0, maxItems: 8, about: 'What was heard, place by place', item: { name: 'heard', kind: 'choice', choices: ['clear', 'doubtful', 'dull'], required: true, about: 'At this place' } }],
	compute(facts, { taps }) {
		const setting = ringSetting(facts);
		const dull = taps.includes('dull');
		if (setting.applicability !== 'no' && !dull && taps.length < setting.taps.length) throw new InputFault('taps', 'too-few', `${taps.length} of ${setting.taps.length} places tapped. Tap them all; a crack may hide at one of them.`);
		return [compute(ringDecision, { applicability: setting.applicability, analysis: 'none', ear: worstHeard(taps) })];
	},
	event: () => ({ kind: 'inspected', diameterAfterMm: null, note: null }),
	quarantines: ['ear-dull', 'analysis-dull']
});
