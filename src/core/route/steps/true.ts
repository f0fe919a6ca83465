import { truePlan } from '../../true/plan.js';
import { runout } from '../../true/runout.js';
import { Evidence } from '../evidence.js';
import type { SetupFacts } from '../facts.js';
import { DIAMETER_AFTER, checkDiameter, compute, defineStep, pick, wheelOf } from './step.js';

export const RUNOUT_LIMIT_UM = 25;
const READ = pick(runout.fields, 'readingsUm', 'wheelTurned', 'startAngleDeg');

export const runoutStep = defineStep({
	station: 'true', step: 'runout', title: 'Read the rim', fields: READ,
	compute: (_facts, v) => [compute(runout, { ...v, limitTirUm: RUNOUT_LIMIT_UM })]
});

/** The last run-out read on this mount. */
export function lastRunout(facts: SetupFacts): number | null {
	const e = new Evidence(facts);
	return e.number(e.latestOf('true', ['runout', 'after'], 'true.runout'), 'tirUm');
}

export const truePlanStep = defineStep({
	station: 'true', step: 'plan', title: 'Truing plan',
	fields: [...pick(truePlan.fields, 'roughInfeedUm', 'finishInfeedUm', 'finishStockUm', 'sparkOutPasses', 'leadUm', 'allowanceUm'), { name: 'runoutTirUm', kind: 'number', unit: 'um', min: 0, max: 10000, label: 'Run-out', about: 'From the readings when left empty' }] as const,
	compute(facts, v) {
		const w = wheelOf(facts);
		return [compute(truePlan, { ...v, runoutTirUm: lastRunout(facts) ?? v.runoutTirUm, wheelDiameterMm: w.diameterMm, wheelWidthMm: w.widthMm, speedRpm: facts.machine.spindleRpm, minDiameterMm: w.minDiameterMm, ratedSpeedMps: w.ratedMps, dustControl: facts.machine.wet ? 'coolant' : 'extraction' })];
	}
});

export const truedStep = defineStep({
	station: 'true', step: 'after', title: 'Trued',
	fields: [...READ, DIAMETER_AFTER, { name: 'spunDry', kind: 'boolean', required: true, label: 'Spun dry', about: 'Coolant off, then run on until dry' }],
	compute(facts, v) {
		checkDiameter(facts, v.diameterAfterMm);
		return [compute(runout, { readingsUm: v.readingsUm, wheelTurned: v.wheelTurned, startAngleDeg: v.startAngleDeg, limitTirUm: RUNOUT_LIMIT_UM })];
	},
	event: (_facts, v) => ({ kind: 'trued', diameterAfterMm: v.diameterAfterMm, note: null })
});
