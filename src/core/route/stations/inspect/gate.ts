import { ringAnalysis } from '../../../inspect/ring-analysis.js';
import { ringDecision } from '../../../inspect/ring-decision.js';
import { partOf } from '../../evidence.js';
import { limitRpm } from '../../../spec/limit-rpm.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate, Station } from '../station.js';
import { mountingMethod } from '../mount/methods.js';
import { lookStep } from './look.js';
import { recordingThatCounts, ringFacts, ringStep } from './ring.js';

/** Nothing is seen, nothing is heard, and a speed is marked. */
export const inspectGate: Gate = (facts, evidence) => {
	const look = evidence.step(lookStep);
	const ring = evidence.step(ringStep);
	const decision = partOf(ring, ringDecision);
	const taps = ring?.entered.taps.length ?? 0;
	const made = partOf(ring, ringAnalysis)?.input.source === 'simulator' ? ', simulated' : '';
	const heard = decision?.input.analysis === 'none' ? 'by ear' : `by ear and recording${made}`;
	const counts = recordingThatCounts(ringFacts(facts));
	// A dull recording made after the wheel was said to be clear takes that back.
	const dullSince = decision && counts?.result.ring === 'dull' && decision.input.analysis !== 'dull';
	const w = facts.wheel;
	const q = show(facts);
	return [
		line({
			key: 'look',
			title: 'Looked over',
			from: look,
			value: recordedText(look, 'nothing found'),
			waiting: 'point by point'
		}),
		line({
			key: 'rated',
			title: 'Marked with a speed',
			state: !w ? 'open' : limitRpm(w) !== null ? 'ok' : 'stop',
			value: w?.ratedMps ? q(w.ratedMps, 'm/s') : w?.ratedRpm ? q(w.ratedRpm, 'rpm') : 'no speed'
		}),
		...ringLine()
	];

	/** A mounted point has nothing that rings: it is looked at only. */
	function ringLine(): GateLine[] {
		if (mountingMethod(facts).spared?.includes('inspect.ring')) return [];
		const own = { key: 'ring', title: 'Ring is clear' };
		if (dullSince)
			return [
				line({
					...own,
					state: 'stop',
					value: 'A later recording is dull. Do not mount; quarantine it.',
					recordId: decision.id
				})
			];
		return [
			line({
				...own,
				from: ring,
				holds: decision?.output.mayProceed === true,
				value: recordedText(ring, taps ? `clear at ${taps} places, ${heard}` : 'cannot be rung'),
				waiting: 'tap it and listen'
			})
		];
	}
};

/** It is looked over before it is rung: a wheel with a crack is not struck. */
export const inspectOrder: Station['order'] = () => ({ ring: ['look'] });
