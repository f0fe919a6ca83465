import { runInPlan } from '../../../run-in/plan.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { StationId } from '../../station-names.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { massNowKg, wheelOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { fitOf } from '../mount/fit.js';
import { mayTurnRpm } from '../mount/turning.js';
import { mountingMethod } from '../mount/methods.js';

/** Everything that had to be shown before the first start. An accepted caution counts as shown. */
export function prerequisites(facts: SetupFacts): { id: string; verdict: string }[] {
	const evidence = Evidence.of(facts);
	const needed: readonly (readonly [StationId, string])[] = [
		['inspect', 'look'],
		['inspect', 'ring'],
		...mountingMethod(facts).shownBeforeStart.map((step) => ['mount', step] as const),
		['mount', 'thread'],
		['mount', 'tighten']
	];
	const { spared = [] } = mountingMethod(facts);
	const asked = needed.filter(([station, step]) => !spared.includes(`${station}.${step}`));
	return asked.map(([station, step]) => {
		const r = step === 'fit' ? fitOf(evidence) : evidence.named(station, step);
		return {
			id: `${station}.${step}`,
			verdict: !r ? 'missing' : r.verdict === 'caution' && r.overrideReason ? 'ok' : r.verdict
		};
	});
}

export const startStep = defineStep({
	station: 'run-in',
	step: 'start',
	title: 'First start',
	online: 'whether this machine may start now is known there',
	fields: pick(runInPlan.fields, 'guardClosed', 'peopleClear', 'firstRun'),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const limit = mayTurnRpm(facts);
		return single(
			compute(facts, runInPlan, {
				runRpm: facts.machine.spindleRpm,
				ratedRpm: limit,
				diameterMm: wheel.diameterMm,
				boreMm: wheel.boreMm,
				massKg: massNowKg(wheel),
				motorTorqueNm: facts.machine.motorTorqueNm,
				coolantUsed: facts.machine.wet,
				prerequisites: prerequisites(facts),
				...values
			})
		);
	}
});
