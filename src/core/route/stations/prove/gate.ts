import { release } from '../../../prove/release.js';
import { type Basis, foundBy } from '../../basis.js';
import { partOf } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import type { Gate } from '../station.js';
import { finishAtMostUm, finishBasis, isFinishBound } from './finish.js';
import { holdLines } from './hold.js';
import { releaseStep } from './steps.js';

const STATES = { pass: 'ok', fail: 'caution', missing: 'open' } as const;

/** The trial cut is as asked, and the wheel is released to grind. */
export const proveGate: Gate = (facts, evidence) => {
	const recorded = evidence.step(releaseStep);
	const finish = recorded?.entered ?? null;
	const sheet = partOf(recorded, release);
	const released = sheet !== null && sheet.output.released !== 'no';
	const q = show(facts);
	const check = (key: string, title: string, name: string, value: string, basis?: Basis): GateLine => {
		const found = sheet?.output.checks.find((c) => c.name === name);
		const state = STATES[found?.state ?? 'missing'];
		return line({
			key,
			title,
			state,
			value,
			recordId: sheet?.id ?? null,
			...(sheet && basis ? { basis } : {})
		});
	};
	const withReason = sheet?.output.released === 'with-reason';
	const reason = recorded?.overrideReason ?? recorded?.entered.overrideReason ?? '';
	const own = { key: 'released', title: 'Released to grind' };
	return [
		...holdLines(evidence),
		check(
			'ra',
			'Finish as asked',
			'raUm',
			`Ra ${finish && isFinishBound(finish) ? 'at most ' : ''}${q(finish && finishAtMostUm(finish), 'um-Ra')} of ${q(facts.brief.targetRaUm, 'um-Ra')}`,
			finish ? finishBasis(finish) : undefined
		),
		check('burn', 'No burn', 'burnSeen', 'trial cut', foundBy('by eye')),
		check('chatter', 'No chatter', 'chatterSeen', 'trial cut', foundBy('by eye')),
		recorded && !released
			? line({
					...own,
					state: recorded.verdict === 'stop' ? 'stop' : 'open',
					value: recordedText(recorded, 'not released'),
					recordId: recorded.id
				})
			: line({
					...own,
					from: recorded,
					accepts: UNLESS_STOPPED,
					value: withReason ? `with a reason: ${reason}` : 'every line holds',
					waiting: 'trial cut, then release'
				})
	];
};
