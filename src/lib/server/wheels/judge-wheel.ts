import { InputFault } from '../../../core/calculation/fault.js';
import { Refused } from '../door/refused.js';
import { row, transaction } from '../db/pool.js';
import { mayLead, mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { wheelByNumber } from './wheels.js';
import { setWheelState, addEvent } from './ledger.js';

export const WHEEL_ACTIONS = ['clear', 'quarantine', 'scrap'] as const;

export type WheelAction = (typeof WHEEL_ACTIONS)[number];

/** Sets a wheel aside, scraps it, or (a lead) clears it for use again, with the reason in its ledger. @throws Refused, InputFault */
export async function judgeWheel(
	number: string,
	action: WheelAction,
	reason: string,
	user: User
): Promise<void> {
	mayWrite(user);
	if (action !== 'quarantine') mayLead(user, 'A lead clears or scraps a wheel.');
	const why = reason.trim();
	if (why.length < 10)
		throw new InputFault('reason', 'below-minimum', 'Write a reason of at least 10 characters.');
	if (why.length > 180) throw new InputFault('reason', 'above-maximum', 'Keep the reason to 180 characters.');
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (!w) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (w.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. A scrapped wheel never comes back.`);
		if (action === 'clear' && w.state !== 'quarantined')
			throw new Refused(409, 'not-quarantined', `Wheel ${number} is not quarantined.`);
		if (action === 'clear' && w.ratedMps === null && w.ratedRpm === null)
			throw new Refused(409, 'rating-unknown', `Wheel ${number} has no marked speed. It cannot be cleared.`);
		const state = action === 'clear' ? 'available' : action === 'scrap' ? 'scrapped' : 'quarantined';
		await setWheelState(w.id, state, action === 'clear' ? null : why, on);
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
