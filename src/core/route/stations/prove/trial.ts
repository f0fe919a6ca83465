import { from0, whole } from '../../../calculation/field/index.js';
import { creepFeed } from '../../../prove/creep-feed.js';
import { touchOff } from '../../../prove/touch-off.js';
import { trialSchedule } from '../../../prove/trial-schedule.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { without } from '../../step-fields.js';

/** The whole depth in one slow pass, as this job is told. */
export const isCreepFeed = (facts: Pick<SetupFacts, 'brief'>): boolean =>
	facts.brief.operation === 'creep-feed' || facts.brief.operation === 'peel';

export const touchStep = defineStep({
	station: 'prove',
	step: 'touch',
	title: 'Touch off',
	fields: touchOff.fields,
	compute: (facts, values) => single(compute(facts, touchOff, values))
});

/** The trial surface in small steps. */
export const trialStep = defineStep({
	station: 'prove',
	step: 'trial',
	title: 'Trial schedule',
	fields: [
		...without(trialSchedule.fields, 'wheelWidthMm', 'kind'),
		whole('passesDone', 'Ticked off', { ...from0(100000), default: 0, label: 'Passes made' })
	] as const,
	compute(facts, { passesDone: _done, ...v }) {
		const wheel = wheelOf(facts);
		return single(
			compute(facts, trialSchedule, {
				...v,
				kind: 'reciprocating',
				wheelWidthMm: wheel.rimWidthMm ?? wheel.widthMm
			})
		);
	}
});

/** The plan of a deep, slow cut. */
export const creepStep = defineStep({
	station: 'prove',
	step: 'creep',
	title: 'Creep feed',
	fields: without(creepFeed.fields, 'wheelDiameterMm', 'wheelSpeedMps'),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		return single(
			compute(facts, creepFeed, {
				...values,
				wheelDiameterMm: wheel.diameterMm,
				wheelSpeedMps: surfaceSpeedMps(wheel.diameterMm, facts.machine.spindleRpm)
			})
		);
	}
});
