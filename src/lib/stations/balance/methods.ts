import { fromMarks } from '$core/balance/from-marks';
import { fromPeriod } from '$core/balance/from-period';
import { fromTestMass } from '$core/balance/from-test-mass';
import { influence } from '$core/balance/influence';
import { threeRuns } from '$core/balance/three-runs';
import { updateEstimate } from '$core/balance/update-estimate';
import type { Known } from '$core/route/evidence';
import { phaseStep, runsStep } from '$core/route/stations/balance/by-vibration';
import { marksStep, massStep, restStep, swingStep } from '$core/route/stations/balance/on-stand';
import { autoStep } from '$core/route/stations/balance/own-balancer';
import type { Step } from '$core/route/define-step';

export type MethodId = 'swing' | 'marks' | 'mass' | 'rest' | 'phase' | 'runs' | 'auto';
/** Ways of measuring an unbalance, by what a shop has; `calculation` is the one that tells the amount. */
export interface Method {
	id: MethodId;
	name: string;
	step: Step;
	/** Null where the machine itself says what is left. */
	calculation: Known<{ unbalanceGmm: number; uncertaintyGmm?: number | null }> | null;
	has: string;
	inMachine: boolean;
}
export const METHODS: readonly Method[] = [
	{
		id: 'swing',
		name: 'Time the swing',
		step: swingStep,
		calculation: fromPeriod,
		has: 'A stopwatch.',
		inMachine: false
	},
	{
		id: 'marks',
		name: 'Push and marks',
		step: marksStep,
		calculation: fromMarks,
		has: 'A stopwatch and chalk: a gentle push, every turning point chalked, one time from the first to the last. The fewest rolls.',
		inMachine: false
	},
	{
		id: 'mass',
		name: 'Test mass',
		step: massStep,
		calculation: fromTestMass,
		has: 'One known mass.',
		inMachine: false
	},
	{
		id: 'rest',
		name: 'Rest only',
		step: restStep,
		calculation: updateEstimate,
		has: 'Nothing but chalk: each roll adds what it shows.',
		inMachine: false
	},
	{
		id: 'phase',
		name: 'Vibration, one trial',
		step: phaseStep,
		calculation: influence,
		has: 'A vibration meter with phase. Guard shut for every run, also with the trial weight.',
		inMachine: true
	},
	{
		id: 'runs',
		name: 'Vibration, three trials',
		step: runsStep,
		calculation: threeRuns,
		has: 'A vibration meter without phase. Guard shut for every run.',
		inMachine: true
	},
	{
		id: 'auto',
		name: 'Own balancer',
		step: autoStep,
		calculation: null,
		has: 'A balancing head in the machine.',
		inMachine: true
	}
];
