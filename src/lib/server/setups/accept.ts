import { accept } from '../../../core/route/apply-submission.js';
import { transaction } from '../storage/pool.js';
import { checkedReason } from '../../../core/calculation/reason.js';
import { Refused } from '../refused.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { keepRecords } from '../storage/keep-records.js';
import { ofSetup } from './of-setup.js';
import { loadLockedSetup } from './locked-setup.js';
import { changeSetup } from './change-setup.js';

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
	const why = checkedReason(reason);
	await transaction(async (on) => {
		const facts = await loadLockedSetup(setupId, version, key, user, on);
		if (!facts) return;
		const done = accept(facts, { recordId, reason: why });
		if ('refusal' in done) {
			const { code, message } = done.refusal;
			throw new Refused(code === 'no-record' ? 404 : 409, code, message);
		}
		await keepRecords(done.records, await ofSetup(facts, user, { key }, on), on);
		await changeSetup(setupId, user.id, {}, on);
	});
}
