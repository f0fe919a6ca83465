import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { tolerance } from '../../../balance/tolerance.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { partOf } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate } from '../station.js';
import { MEASURED_BY } from './measured-by.js';
import { CORRECTED_BY } from './corrected-by.js';
import { isBound } from './stays.js';
import { showsCouple } from './two-planes.js';
import { backStep, offStep, restartAsked, restartStep } from './off-and-back.js';
import { LEVELLED_BY } from './level.js';

/** Before dressing it is balanced on the stand, after it at speed; either may be done differently. */
export const usuallyOnStand = (f: Pick<SetupFacts, 'stations'>): boolean =>
	f.stations.indexOf('balance') < f.stations.indexOf('dress');

/** What is left is inside the grade, and a roll after the last correction says so. */
export const balanceGate: Gate = (facts, evidence) => {
	const q = show(facts);
	const measured = evidence.newest('balance', MEASURED_BY);
	const judged = partOf(measured, tolerance);
	const moved = evidence.newest('balance', CORRECTED_BY);
	const current = judged && (!moved || judged.id > moved.id) ? judged : null;
	const ratio = current?.output.ratio ?? null;
	const inside = ratio !== null && ratio <= 1 + 1e-9;
	const made = measured?.entered.standIn === true ? ', simulated' : '';
	const presentGmm = judged?.input.unbalanceGmm;
	// At rest a wide wheel says nothing of what makes it wobble.
	const unseen = showsCouple(facts) && measured?.step !== 'planes' ? '; couple unbalance is not seen' : '';
	const value = !judged
		? 'measure it'
		: typeof presentGmm === 'number'
			? `${isBound(evidence) ? 'at most ' : ''}${q(presentGmm, 'gmm')}${isBound(evidence) ? ' (what the stand can feel)' : ''}, limit ${q(judged.output.permissibleGmm, 'gmm')}${made}${unseen}`
			: 'direction known, amount not yet';
	const confirmed = inside && (moved !== null || current!.verdict === 'ok');
	const [taken, putBack] = trip();
	return [
		...taken,
		...level(),
		insideLine(),
		line({
			key: 'second',
			title: moved ? 'Second roll agrees' : 'Proved by a roll',
			state: confirmed ? 'ok' : 'open',
			value: confirmed
				? 'the last roll was inside'
				: moved && !current
					? 'roll again after the move'
					: 'move the weights, then roll again',
			recordId: confirmed ? current!.id : null
		}),
		...putBack
	];

	/** Over to the stand and back, where it is balanced there; a wheel that is balanced on its spindle stays on it. */
	function trip(): [GateLine[], GateLine[]] {
		const [off, back, restart] = [
			evidence.step(offStep),
			evidence.step(backStep),
			evidence.step(restartStep)
		];
		if (!off && (measured || !usuallyOnStand(facts))) return [[], []];
		const returned = back && off && back.id > off.id ? back : null;
		const started = restart && returned && restart.id > returned.id ? restart : null;
		return [
			[
				line({
					key: 'off',
					title: 'On the stand',
					from: off,
					// Close to what a person may lift is said when it is lifted, and holds nothing up.
					accepts: UNLESS_STOPPED,
					value: 'lifted over, tapers clean',
					waiting: 'lock out, lift over'
				})
			],
			[
				line({
					key: 'back',
					title: 'Back on the spindle',
					from: returned,
					accepts: UNLESS_STOPPED,
					value: 'tapers clean, tight',
					waiting: 'tapers clean, drawn tight'
				}),
				...(restartAsked(facts)
					? [
							line({
								key: 'restart',
								title: 'Started guarded again',
								from: started,
								value: recordedText(started, 'ran empty, sounded right'),
								waiting: 'guard shut, nobody in line'
							})
						]
					: [])
			]
		];
	}
	function level(): GateLine[] {
		const recorded = evidence.newest('balance', LEVELLED_BY);
		const slope = partOf(recorded, slopeError);
		if (!slope) return [];
		// A stand that is not quite level is good enough as long as what it fakes is.
		const read = partOf(recorded, levelStand);
		const notQuite = read && read.verdict !== 'ok' ? ', not quite level' : '';
		const faked = `fakes ${read ? '' : 'at most '}${q(slope.output.fakedUnbalanceGmm, 'gmm')}${notQuite}`;
		return [
			line({
				key: 'level',
				title: 'Stand is level',
				from: slope,
				value: recordedText(slope, faked),
				waiting: ''
			})
		];
	}
	function insideLine(): GateLine {
		const own = { key: 'inside', title: 'Unbalance inside the grade', value };
		if (inside) return line({ ...own, from: measured, accepts: UNLESS_STOPPED, waiting: '' });
		if (current?.verdict === 'stop') return line({ ...own, from: current, waiting: '' });
		return line({ ...own, state: 'open', recordId: judged?.id ?? null });
	}
};
