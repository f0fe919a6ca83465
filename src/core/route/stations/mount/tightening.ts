import { foundBy } from '../../basis.js';
import { AFTER_MOUNT } from '../after.js';
import { yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { mountPoint } from '../../../mount/point.js';
import { flangeCheck } from '../../../mount/flange-check.js';
import { threadHand } from '../../../mount/thread-hand.js';
import { tighteningOrder } from '../../../mount/tightening-order.js';
import type { Effect } from '../../effect.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import { type Result, single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { mountOf, wheelOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { withPackWheels } from './pack-wheel-lines.js';
import { type MountPart, onOwnShank } from './mounting-method.js';

export const threadStep = defineStep({
	station: 'mount',
	step: 'thread',
	title: 'Hand of the thread',
	fields: pick(threadHand.fields, 'reversible', 'hardBrake', 'positiveLock'),
	compute(facts, values) {
		const mount = mountOf(facts);
		return single(
			compute(facts, threadHand, {
				rotation: facts.machine.rotation,
				viewedFrom: 'nut-side',
				threadHand: mount.threadHand,
				retention: mount.retention,
				...values
			})
		);
	}
});

export const tightenStep = defineStep({
	station: 'mount',
	step: 'tighten',
	title: 'Tighten',
	basis: () => foundBy('tightened as shown'),
	invalidates: AFTER_MOUNT,
	fields: [
		yesNo('done', 'Every pass, then once round', { required: true, label: 'Tightened in this order' })
	],
	compute(facts, { done }): Result {
		if (!done) throw new InputFault('done', 'inconsistent', 'Tighten in the order shown, then record it.');
		if (onOwnShank(facts)) return single(pointAgain(facts));
		const mount = mountOf(facts);
		if (mount.retention === 'single-nut')
			return single(
				compute(facts, threadHand, {
					rotation: facts.machine.rotation,
					viewedFrom: 'nut-side',
					threadHand: mount.threadHand,
					retention: mount.retention
				})
			);
		return single(
			compute(facts, tighteningOrder, {
				screwCount: mount.screwCount,
				finalTorqueNm: mount.torqueNm,
				screwDiameterMm: mount.screwDiameterMm,
				contactAreaMm2: Evidence.of(facts).of(flangeCheck, 'mount', ['flange'])?.output.contactAreaMm2 ?? null
			})
		);
	},
	event: () => ({ kind: 'mounted', diameterAfterMm: null, note: null }),
	effectsUnlessStopped: (facts): Effect[] => [
		{ kind: 'wheel-state', wheelId: wheelOf(facts).id, state: 'mounted', reason: null },
		{ kind: 'keep-on-mount', wheelId: wheelOf(facts).id, mountId: null },
		...withPackWheels(facts, 'mounted', 'mounted')
	]
});

/** A collet has no thread that running could open: what counts is how the shank was found to be held. */
function pointAgain(facts: SetupFacts) {
	const gripped = Evidence.of(facts).of(mountPoint, 'mount', ['point']);
	if (!gripped)
		throw new InputFault(
			'done',
			'missing',
			'Measure the shank and its overhang first, then close the collet.'
		);
	return compute(facts, mountPoint, gripped.input);
}

/** Nut or screws: the hand of the thread and the order, whatever is mounted. */
export function tighteningLines(facts: SetupFacts, evidence: Evidence): GateLine[] {
	const thread = evidence.step(threadStep);
	const tightened = evidence.step(tightenStep);
	const hand = partOf(thread, threadHand)?.output;
	const screws = facts.mount?.retention === 'flange-screws';
	const torque = show(facts)(facts.mount?.torqueNm, 'Nm');
	return [
		line({
			key: 'thread',
			title: 'Running tightens it',
			from: thread,
			value: recordedText(
				thread,
				hand?.checked ? `${hand.requiredThreadHand}-hand thread` : 'held by screws'
			),
			waiting: 'hand of the thread'
		}),
		line({
			key: 'tighten',
			title: 'Tightened in order',
			from: tightened,
			value: recordedText(tightened, screws ? `${facts.mount!.screwCount} screws, ${torque}` : 'nut snug'),
			waiting: screws ? `${facts.mount!.screwCount} screws crosswise` : 'one nut, snug'
		})
	];
}

export const TIGHTEN_PART: MountPart = {
	id: 'tighten',
	title: 'Thread and tightening',
	lines: ['thread', 'tighten']
};
