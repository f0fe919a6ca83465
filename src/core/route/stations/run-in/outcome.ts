import { foundBy } from '../../basis.js';
import { InputFault } from '../../../calculation/fault.js';
import { runInOutcome } from '../../../run-in/outcome.js';
import { runInPlan } from '../../../run-in/plan.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';

/** Seconds since the start that still counts; the server's clock, so it survives a reload. */
export function runningSince(facts: SetupFacts): { atMs: number; requiredS: number } | null {
	const start = Evidence.of(facts).of(runInPlan, 'run-in', ['start']);
	return start && start.verdict !== 'stop' ? { atMs: start.atMs, requiredS: start.output.freeRunS } : null;
}

export const outcomeStep = defineStep({
	station: 'run-in',
	step: 'outcome',
	title: 'After the free run',
	basis: () => foundBy('by ear'),
	online: 'the time it ran is taken by the clock there',
	fields: pick(runInOutcome.fields, 'heard', 'smokeOrSmell', 'vibrationMmPerS'),
	compute(facts, values) {
		const since = runningSince(facts);
		if (!since)
			throw new InputFault(
				'start',
				'missing',
				'The start was not recorded. Record it when the wheel starts; the clock runs from there.'
			);
		return single(
			compute(facts, runInOutcome, {
				requiredFreeRunS: since.requiredS,
				actualFreeRunS: Math.min(360000, Math.max(0, (facts.nowMs - since.atMs) / 1000)),
				...values
			})
		);
	},
	quarantines: ['abnormal-sound', 'smoke-or-smell', 'vibration']
});
