import { InputFault } from '../../../core/calculation/fault.js';
import { CORRECT_FIELDS, WHY_CORRECTED, changesIn } from '../../../core/shop/wheel-correction.js';
import { intake } from '../../../core/shop/wheel-intake.js';
import { type Runner, row, rows, transaction, write } from '../storage/pool.js';
import { claim } from '../storage/requests.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { mayLead } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { keepFacts } from '../setups/kept-facts.js';
import { setWheelState } from './ledger.js';
import { CORRECTED_COLUMNS, correctedValues } from './wheel-columns.js';
import { wheelByNumber } from './wheels.js';

export interface WheelVersion {
	id: number;
	changes: string;
	why: string;
	by: string;
	at: Date;
}
/** How a wheel was corrected, the newest first. */
export const wheelVersions = (wheelId: number, on?: Runner): Promise<WheelVersion[]> =>
	rows(
		'SELECT v.id, v.changes, v.why, u.name AS `by`, v.at FROM wheel_versions v JOIN users u ON u.id = v.user_id WHERE v.wheel_id = ? ORDER BY v.id DESC',
		[wheelId],
		on
	);

/**
 * Puts right what was read off a wheel when it was received: a new version; what stood there before stays, and every record keeps the
 * wheel as it was when it was made. A wheel that has no speed any more is set aside.
 * @throws Refused 403 for anybody but a lead, 404, 409; InputFault on the values
 */
export async function correctWheel(
	number: string,
	given: unknown,
	why: unknown,
	key: string,
	user: User
): Promise<void> {
	mayLead(user, 'A lead corrects a wheel.');
	const values = checked(CORRECT_FIELDS, given);
	const told = checked([WHY_CORRECTED], { why });
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (!w) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (await claim(key, `wheel ${w.id}`, user.id, on)) return;
		if (w.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. Nothing of it is changed.`);
		const taken = intake({ ...values, number, diameterMm: w.diameterMm });
		const after = {
			...values,
			massKg: taken.wheel.massKg,
			ratedMps: taken.ratedMps,
			ratedRpm: taken.ratedRpm
		};
		const changes = changesIn({ ...w }, after);
		if (!changes.length)
			throw new InputFault('marking', 'inconsistent', 'Nothing differs. Change what is wrong.');
		await write(
			'INSERT INTO wheel_versions (wheel_id, before_facts, changes, why, user_id) VALUES (?, ?, ?, ?, ?)',
			[w.id, await keepFacts(w, on), changes.join('; ').slice(0, 500), told.why, user.id],
			on
		);
		await write(`UPDATE wheels SET ${CORRECTED_COLUMNS} WHERE id = ?`, [...correctedValues(taken), w.id], on);
		if (taken.state === 'quarantined') await setWheelState(w.id, 'quarantined', taken.reason, on);
	});
}
