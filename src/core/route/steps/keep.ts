import { holdSpeed } from '../../keep/hold-speed.js';
import { surfaceSpeedMps } from '../../spec/speed.js';
import type { SetupFacts } from '../facts.js';
import { DIAMETER_AFTER, checkDiameter, compute, defineStep, pick, wheelOf } from './step.js';

/** The marked surface speed, or what the marked rpm amounts to on the new wheel. */
export function ratedMpsOf(facts: SetupFacts): number {
	const w = wheelOf(facts);
	return w.ratedMps ?? surfaceSpeedMps(w.newDiameterMm, w.ratedRpm ?? 0);
}

export const keepStep = defineStep({
	station: 'keep', step: 'entry', title: 'Book it',
	fields: [
		{ name: 'what', kind: 'choice', choices: ['ground-on', 'redressed', 'taken-off'], required: true, label: 'What happened', about: 'Since the last entry' },
		DIAMETER_AFTER, { name: 'partsGround', kind: 'integer', min: 0, max: 10000000, required: true, label: 'Parts ground', about: 'Since the last entry' },
		{ name: 'redressAfterParts', kind: 'integer', min: 1, max: 1000000, label: 'Redress after', about: 'Parts' }, pick(holdSpeed.fields, 'targetMps')[0]!
	],
	compute(facts, v) {
		const w = wheelOf(facts);
		const diameterMm = checkDiameter(facts, v.diameterAfterMm);
		return [compute(facts, holdSpeed, { diameterMm, minDiameterMm: Math.min(w.minDiameterMm || 1, diameterMm), targetMps: v.targetMps, rpmMin: facts.machine.spindleRpmMin, rpmMax: facts.machine.spindleRpmMax, ratedMps: ratedMpsOf(facts), markedRpm: w.ratedRpm })];
	},
	event: (facts, v) => ({ kind: v.what === 'taken-off' ? 'parked' : 'redressed', diameterAfterMm: v.diameterAfterMm, note: `${v.partsGround} parts ground${v.redressAfterParts ? `, redress after ${v.redressAfterParts}` : ''}` })
});
