import { yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import type { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText } from '../../gate-text.js';
import { single } from '../../result.js';
import { defineStep } from '../../define-step.js';
import { preBalance } from '../true/readings.js';

/** A route that trues but never balances leaves the weights where they cancel each other; nothing is asked where there are none. */
export const neutralAsked = (f: Pick<SetupFacts, 'stations' | 'mount' | 'route'>): boolean =>
	f.route.mounting === 'flange' &&
	f.stations.includes('true') &&
	!f.stations.includes('balance') &&
	(f.mount?.weightCount ?? 0) > 1;

/** Where the weights cancel each other: at equal spacing, from the mark on. @example neutralAnglesDeg(3) // [0, 120, 240] */
export const neutralAnglesDeg = (count: number): number[] =>
	Array.from({ length: count }, (_, i) => (i * 360) / count);

export const neutralStep = defineStep({
	station: 'mount',
	step: 'neutral',
	title: 'Weights neutral',
	fields: [
		yesNo('equal', 'Screws of the weights tight', { required: true, label: 'Weights at equal spacing' })
	],
	compute(facts, { equal }) {
		if (!equal)
			// While nothing is said yet it is only missing, no reproach.
			throw new InputFault(
				'equal',
				equal === false ? 'inconsistent' : 'missing',
				'Set the weights at equal spacing, tighten them, then say so.'
			);
		// The rule of size is asked before anything turns.
		return single(preBalance(facts));
	}
});

/** The weights stand neutral, and the wheel is small enough for that. */
export function neutralLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	if (!neutralAsked(facts)) return [];
	const count = facts.mount!.weightCount;
	const where = `${count} weights, every ${Math.round(360 / count)}°`;
	const recorded = evidence.step(neutralStep);
	return [
		line({
			key: 'neutral',
			title: 'Weights neutral',
			from: recorded,
			value: recordedText(recorded, where),
			waiting: where
		})
	];
}
