import { faceRunout } from '../../../true/face-runout.js';
import { partOf } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate, Station } from '../station.js';
import { isFoundByHand } from './by-hand.js';
import { faceStep } from './steps.js';
import { lastRead, runoutLimitUm } from './readings.js';
import { readThatCounts, truedAt } from './known-runout.js';

/** The rim is read, runs out by no more than this shop allows, and the wheel is spun dry again. */
export const trueGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const read = readThatCounts(evidence);
	const face = evidence.step(faceStep);
	const after = evidence.newest('true', truedAt);
	const last = lastRead(facts);
	const limitUm = last ? Number(last.input.limitTirUm) : runoutLimitUm(facts);
	const good = last !== null && last.output.tirUm <= limitUm;
	const byHand = isFoundByHand(last);
	const value = last
		? `${byHand ? 'at most ' : ''}${q(last.output.tirUm, 'um')} now, limit ${q(limitUm, 'um')}`
		: `limit ${q(limitUm, 'um')}`;
	const places = Array.isArray(last?.input.readingsUm) ? last.input.readingsUm.length : 0;
	/** It runs true now, ran out before, and nobody has booked how that came about. */
	const unbooked = !after && good && facts.sums.ranOut;
	const dry = after ? after.entered.spunDry === true : good && !unbooked;
	return [
		line({
			key: 'read',
			title: 'Rim read',
			from: read,
			accepts: UNLESS_STOPPED,
			value:
				read?.verdict === 'stop'
					? recordedText(read, '')
					: places
						? `${places} readings`
						: isFoundByHand(read)
							? 'without an indicator'
							: 'pencil line',
			waiting: 'with an indicator, by a pencil line, or by hand'
		}),
		...(face
			? [
					line({
						key: 'face',
						title: 'Face runs flat',
						from: face,
						value: recordedText(face, q(partOf(face, faceRunout)?.output.tirUm, 'um')),
						waiting: ''
					})
				]
			: []),
		runsTrue(),
		...dryLine(),
		// Said of a wheel that was trued, of no other.
		...(after
			? [
					line({
						key: 'glazed',
						title: 'Known to be glazed',
						state: 'ok',
						value: 'dress open after balancing'
					})
				]
			: [])
	];

	/** A dry machine is never asked about its coolant; what was trued is booked all the same. */
	function dryLine(): GateLine[] {
		if (!facts.machine.wet && !unbooked) return [];
		return [
			line({
				key: 'dry',
				title: unbooked ? 'Truing booked' : 'Spun dry',
				state: dry ? 'ok' : 'open',
				value: unbooked
					? 'it ran out before: book the truing, with the diameter now'
					: !dry
						? 'after the coolant is off'
						: after
							? 'coolant off, run on until dry'
							: 'not wetted: no truing needed'
			})
		];
	}
	function runsTrue(): GateLine {
		const own = { key: 'runs-true', title: 'Runs true', value };
		// What is known by hand is judged at its worse end: its caution waits for a reason.
		if (good) return line({ ...own, from: last, accepts: byHand ? ['ok'] : UNLESS_STOPPED, waiting: '' });
		// Read again after truing it is judged as it is; before that it is simply still to be trued.
		if (after && last && last.id >= after.id) return line({ ...own, from: after, waiting: '' });
		return line({ ...own, state: 'open', recordId: last?.id ?? null });
	}
};

/** The rim is read before it is said to be trued. */
export const trueOrder: Station['order'] = () => ({ after: ['read'], 'after-pencil': ['read'] });
