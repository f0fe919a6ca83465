import { runInPlan } from '../../../run-in/plan.js';
import { speedCheck } from '../../../run-in/speed-check.js';
import { partOf } from '../../evidence.js';
import { limitRpm } from '../../facts.js';
import { line } from '../../gate.js';
import { said, show } from '../../say.js';
import type { Gate, Station } from '../station.js';
import { outcomeStep } from './outcome.js';
import { speedStep } from './speed.js';
import { startStep } from './start.js';

/** It turns no faster than it may, was started behind a shut guard, and ran free long enough. */
export const runInGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const speed = evidence.step(speedStep);
	const start = evidence.step(startStep);
	const outcome = evidence.step(outcomeStep);
	// What was heard belongs to the last start, not to one before it.
	const current = outcome && start && outcome.id > start.id ? outcome : null;
	const limit = partOf(speed, speedCheck)?.output.limitRpm;
	const freeRunS = partOf(start, runInPlan)?.output.freeRunS;
	return [
		line({
			key: 'speed',
			title: 'Tachometer under the limit',
			from: speed,
			value:
				speed?.verdict === 'stop'
					? said(speed, '')
					: `${q(speed?.entered.measuredRpm, 'rpm')} of ${q(limit, 'rpm')}`,
			waiting: `limit ${q(facts.wheel ? limitRpm(facts.wheel) : null, 'rpm')}`
		}),
		line({
			key: 'start',
			title: 'Started guarded',
			from: start,
			value: said(start, `runs empty ${freeRunS ?? ''} s`),
			waiting: 'guard shut, nobody in line'
		}),
		line({
			key: 'outcome',
			title: 'Ran free, sounded right',
			from: current,
			value: said(current, 'long enough, quiet'),
			waiting: 'listen, then say'
		})
	];
};

/** The tachometer before the first start, and the start before anything is said of how it ran. */
export const runInOrder: Station['order'] = () => ({ start: ['speed'], outcome: ['speed', 'start'] });
