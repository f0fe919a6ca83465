import {
	autoStep,
	marksStep,
	massStep,
	phaseStep,
	restStep,
	runsStep,
	swingStep
} from '$core/route/stations/balance/measure';
import type { Step } from '$core/route/step';

export type MethodId = 'swing' | 'marks' | 'mass' | 'rest' | 'phase' | 'runs' | 'auto';
/** Ways of measuring an unbalance, by what a shop has; `calculation` is the one that tells the amount. */
export interface Method {
	id: MethodId;
	name: string;
	step: Step;
	calculation: string;
	has: string;
	inMachine: boolean;
}
export const METHODS: readonly Method[] = [
	{
		id: 'swing',
		name: 'Time the swing',
		step: swingStep,
		calculation: 'balance.from-period',
		has: 'A stopwatch.',
		inMachine: false
	},
	{
		id: 'marks',
		name: 'Push and marks',
		step: marksStep,
		calculation: 'balance.from-marks',
		has: 'A stopwatch and chalk: a gentle push, every turning point chalked, one time from the first to the last. The fewest rolls.',
		inMachine: false
	},
	{
		id: 'mass',
		name: 'Test mass',
		step: massStep,
		calculation: 'balance.from-test-mass',
		has: 'One known mass.',
		inMachine: false
	},
	{
		id: 'rest',
		name: 'Rest only',
		step: restStep,
		calculation: 'balance.update-estimate',
		has: 'Nothing but chalk: each roll adds what it shows.',
		inMachine: false
	},
	{
		id: 'phase',
		name: 'Vibration, one trial',
		step: phaseStep,
		calculation: 'balance.influence',
		has: 'A vibration meter with phase. Guard shut for every run, also with the trial weight.',
		inMachine: true
	},
	{
		id: 'runs',
		name: 'Vibration, three trials',
		step: runsStep,
		calculation: 'balance.three-runs',
		has: 'A vibration meter without phase. Guard shut for every run.',
		inMachine: true
	},
	{
		id: 'auto',
		name: 'Own balancer',
		step: autoStep,
		calculation: 'balance.auto',
		has: 'A balancing head in the machine.',
		inMachine: true
	}
];
