import { runInPlan } from '../../../run-in/plan.js';
import { shownLimit } from '../../../spec/limit-rpm.js';
import { speedCheck } from '../../../run-in/speed-check.js';
import { Evidence, partOf } from '../../evidence.js';
import { line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import { turningLimit } from '../mount/turning.js';
import type { Gate, Station } from '../station.js';
import { outcomeStep } from './outcome.js';
import { knownSpeed } from './known-speed.js';
import { startStep } from './start.js';

/** It was started behind a shut guard, turns no faster than it may, and ran free long enough. */
export const runInGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const speed = knownSpeed(evidence);
	const start = evidence.step(startStep);
	const outcome = evidence.step(outcomeStep);
	// What was heard belongs to the last start, not to one before it.
	const current = outcome && start && outcome.id > start.id ? outcome : null;
	const limit = partOf(speed?.recorded ?? null, speedCheck)?.output.limitRpm ?? turningLimit(facts)?.rpm;
	const freeRunS = partOf(start, runInPlan)?.output.freeRunS;
	return [
		line({
			key: 'start',
			title: 'Started guarded',
			from: start,
			value: recordedText(start, `runs empty ${freeRunS ?? ''} s`),
			waiting: 'guard shut, nobody in line'
		}),
		line({
			key: 'speed',
			title: 'Speed under the limit',
			from: speed?.recorded ?? null,
			value:
				speed?.recorded.verdict === 'stop'
					? recordedText(speed.recorded, '')
					: `${speed?.atMost ? 'at most ' : ''}${q(speed?.rpm, 'rpm')} of ${limit === undefined ? '-' : q(shownLimit(limit), 'rpm')}`,
			waiting: `limit ${q(shownLimit(turningLimit(facts)?.rpm ?? 0), 'rpm')}`
		}),
		line({
			key: 'outcome',
			title: 'Ran free, sounded right',
			from: current,
			value: recordedText(current, 'long enough, quiet'),
			waiting: 'listen, then say'
		})
	];
};

/**
 * The guard comes first. A reading over the limit forbids the start; how it ran is said after a start, with the tachometer read or not:
 * whoever hears a knock says so at once.
 */
export const runInOrder: Station['order'] = (facts) => ({
	start: knownSpeed(Evidence.of(facts)) ? ['speed'] : [],
	outcome: ['start']
});
