import { chooseMethod } from '../../../dress/choose-method.js';
import { missingFor } from '../dress/method.js';
import { METHOD_WORDS } from '../dress/words.js';
import { boreFits } from '../../../mount/bore-rule.js';
import { rankRack } from '../../../spec/rank-rack.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { partOf } from '../../evidence.js';
import { limitRpm, overLimit } from '../../../spec/limit-rpm.js';
import { line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate } from '../station.js';
import { takeStep } from './steps.js';

/** One wheel is taken, it fits, and the spindle does not outrun it. */
export const selectGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const w = facts.wheel;
	const seatMm = facts.mount?.seatMm ?? facts.machine.seatMm;
	const take = evidence.step(takeStep);
	const rank = partOf(take, rankRack);
	const ways = partOf(take, chooseMethod);
	if (!w || !take || !rank)
		return [
			line({ key: 'taken', title: 'One wheel taken', state: 'open', value: 'pick from the rack' }),
			line({ key: 'bore', title: 'Fits the spindle', state: 'open', value: `bore ${q(seatMm, 'mm')}` }),
			line({
				key: 'speed',
				title: 'Under the rated speed',
				state: 'open',
				value: `spindle runs ${q(facts.machine.spindleRpm, 'rpm')}`
			})
		];
	const limit = limitRpm(w);
	const speedMps = surfaceSpeedMps(w.diameterMm, facts.machine.spindleRpm);
	const points = rank.output.ranked[0]?.scorePoints ?? 0;
	const stopped = take.verdict === 'stop';
	return [
		line({
			key: 'bore',
			title: 'Fits the spindle',
			state: boreFits(w.boreMm, seatMm) ? 'ok' : 'stop',
			value: `bore ${q(w.boreMm, 'mm')} on ${q(seatMm, 'mm')}`,
			recordId: rank.id
		}),
		line({
			key: 'speed',
			title: 'Under the rated speed',
			state: limit !== null && !overLimit(facts.machine.spindleRpm, limit) ? 'ok' : 'stop',
			value: w.ratedMps
				? `${q(speedMps, 'm/s')} of ${q(w.ratedMps, 'm/s')}`
				: `${q(facts.machine.spindleRpm, 'rpm')} of ${q(w.ratedRpm, 'rpm')}`,
			recordId: rank.id
		}),
		line({
			key: 'taken',
			title: 'One wheel taken',
			// What is told about the wheel beside its rank only informs, unless it says stop.
			from: stopped ? take : rank,
			value: stopped ? recordedText(take, '') : `${w.number}, ${points.toFixed(0)} points`,
			waiting: ''
		}),
		...(ways
			? [
					line({
						key: 'dressable',
						title: 'Can be dressed here',
						from: ways,
						value: ways.output.best
							? METHOD_WORDS[ways.output.best]
							: `nothing here does; missing: ${missingFor(ways)
									.map((m) => METHOD_WORDS[m])
									.join(', or ')}`,
						waiting: ''
					})
				]
			: []),
		line({ key: 'held', title: 'Nobody else holds it', state: 'ok', value: `held by setup ${facts.id}` })
	];
};
