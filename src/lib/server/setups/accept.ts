import { accept } from '../../../core/route/carry-out.js';
import { transaction } from '../db/pool.js';
import { InputFault, Refused } from '../door/refused.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { keepRecords } from './keep-records.js';
import { lockAt } from './lock.js';
import { changeSetup } from './change-setup.js';

const LEAST_REASON = 10;
const LONGEST_REASON = 500;

/** @throws InputFault when the reason is too short or too long */
function checkReason(reason: string): void {
	if (reason.trim().length < LEAST_REASON)
		throw new InputFault(
			'reason',
			'below-minimum',
			`Write a reason of at least ${LEAST_REASON} characters: why may it go on?`
		);
	if (reason.length > LONGEST_REASON)
		throw new InputFault('reason', 'above-maximum', `Keep the reason to ${LONGEST_REASON} characters.`);
}

/**
 * A caution is accepted by writing down why: new records that replace the old ones and carry the reason. A stop never is.
 * @throws Refused 403 for a viewer, 404, 409 with the reason; InputFault on `reason`
 */
export async function acceptCaution(
	setupId: number,
	recordId: number,
	reason: string,
	version: number,
	key: string,
	user: User
): Promise<void> {
	mayWrite(user);
	checkReason(reason);
	await transaction(async (on) => {
		const facts = await lockAt(setupId, version, key, on);
		if (!facts) return;
		const done = accept(facts, { recordId, reason: reason.trim() });
		if ('refusal' in done) {
			const { code, message } = done.refusal;
			throw new Refused(code === 'no-record' ? 404 : 409, code, message);
		}
		await keepRecords(facts, done.records, user, key, on);
		await changeSetup(setupId, user.id, {}, on);
	});
}
