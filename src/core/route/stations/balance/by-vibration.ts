import { measuredWith } from '../../basis.js';
import { countRoll } from '../../sums.js';
import { influence } from '../../../balance/influence.js';
import { threeRuns } from '../../../balance/three-runs.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Computed } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { AFRESH } from './afresh.js';
import { concluded } from './conclude.js';
import { permissibleGmm } from './tolerance.js';

/** How well vibration tells an unbalance: a tenth of it, and a tenth of what is allowed. */
const SHARE = 0.1;

function fromVibration(
	facts: SetupFacts,
	method: Computed<{ unbalanceGmm: number; heavyAngleDeg: number }>,
	afresh: boolean
) {
	const U = method.output.unbalanceGmm;
	const sigma = SHARE * U + SHARE * permissibleGmm(facts);
	const release = {
		restAngleDeg: method.output.heavyAngleDeg,
		unbalanceGmm: U,
		sigmaMomentGmm: sigma,
		sigmaUnbalanceGmm: sigma
	};
	return concluded(facts, { method, release, judgedGmm: U, afresh });
}

export const phaseStep = defineStep({
	station: 'balance',
	step: 'phase',
	title: 'Vibration with phase, one trial',
	basis: () => measuredWith('vibration and mark'),
	turnsSpindle: true,
	sumsInto: countRoll,
	fields: [
		...pick(
			influence.fields,
			'initialMmPerS',
			'initialPhaseAngleDeg',
			'trialMassG',
			'trialRadiusMm',
			'trialAngleDeg',
			'trialMmPerS',
			'trialPhaseAngleDeg',
			'phaseSense'
		),
		AFRESH
	] as const,
	compute: (facts, values) =>
		fromVibration(
			facts,
			compute(facts, influence, { ...values, speedRpm: facts.machine.spindleRpm }),
			values.afresh
		)
});

export const runsStep = defineStep({
	station: 'balance',
	step: 'runs',
	title: 'Vibration, three trials',
	basis: () => measuredWith('vibration'),
	turnsSpindle: true,
	sumsInto: countRoll,
	fields: [
		...pick(threeRuns.fields, 'initialMmPerS', 'trialMassG', 'trialRadiusMm', 'runs'),
		AFRESH
	] as const,
	compute: (facts, values) => fromVibration(facts, compute(facts, threeRuns, values), values.afresh)
});
