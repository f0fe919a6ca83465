import { checkedReason } from '../../../core/calculation/reason.js';
import { Refused } from '../refused.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { type Runner, row, transaction } from '../storage/pool.js';
import { mayLead, mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { mayClear } from './may-clear.js';
import { wheelByNumber } from './wheels.js';
import { addEvent, keepOnMount, setWheelState } from './ledger.js';

export const WHEEL_ACTIONS = ['clear', 'quarantine', 'scrap', 'off-mount'] as const;

export type WheelAction = (typeof WHEEL_ACTIONS)[number];

/** A wheel that was kept on its mount in the rack comes off it. @throws Refused 409 when it is not kept on one */
async function offMount(wheel: WheelFacts, why: string, user: User, on: Runner): Promise<void> {
	if (wheel.keptOn === null)
		throw new Refused(409, 'not-kept', `Wheel ${wheel.number} is not kept on a mount in the rack.`);
	await keepOnMount(wheel.id, null, on);
	await addEvent(
		{
			wheelId: wheel.id,
			kind: 'parked',
			diameterAfterMm: null,
			setupId: null,
			recordId: null,
			note: `taken off ${wheel.keptOn}: ${why}`.slice(0, 200),
			userId: user.id
		},
		on
	);
}

/** Sets a wheel aside, scraps it, takes it off the mount it is kept on, or (a lead) clears it for use again, with the reason in its ledger. @throws Refused, InputFault */
export async function judgeWheel(
	number: string,
	action: WheelAction,
	reason: string,
	user: User
): Promise<void> {
	mayWrite(user);
	if (action === 'clear' || action === 'scrap') mayLead(user, 'A lead clears or scraps a wheel.');
	const why = checkedReason(reason, 180);
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (!w) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (w.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. A scrapped wheel never comes back.`);
		if (action === 'off-mount') return offMount(w, why, user, on);
		if (action === 'clear' && w.state !== 'quarantined')
			throw new Refused(409, 'not-quarantined', `Wheel ${number} is not quarantined.`);
		if (action === 'clear' && w.ratedMps === null && w.ratedRpm === null)
			throw new Refused(409, 'rating-unknown', `Wheel ${number} has no marked speed. It cannot be cleared.`);
		if (action === 'clear') await mayClear(w, on);
		const state = action === 'clear' ? 'available' : action === 'scrap' ? 'scrapped' : 'quarantined';
		await setWheelState(w.id, state, action === 'clear' ? null : why, on, action === 'clear');
		await addEvent(
			{
				wheelId: w.id,
				kind: action === 'clear' ? 'cleared' : action === 'scrap' ? 'scrapped' : 'quarantined',
				diameterAfterMm: null,
				setupId: null,
				recordId: null,
				note: why,
				userId: user.id
			},
			on
		);
	});
}
