import { CORRECTION_FIELDS, correctable } from '../../../core/shop/ledger.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { claim } from '../storage/requests.js';
import { row, transaction } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { addEvent, ledger } from './ledger.js';
import { wheelByNumber } from './wheels.js';

/**
 * Puts the last measured line of a wheel's book right by a new line that names it; the old one stays as it was written.
 * @throws Refused 403, 404, 409 when the wheel is scrapped; InputFault on the values
 */
export async function correctLedger(number: string, given: unknown, key: string, user: User): Promise<void> {
	mayWrite(user);
	const { diameterAfterMm, reason } = checked(CORRECTION_FIELDS, given);
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const wheel = await wheelByNumber(number, on);
		if (!wheel) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (await claim(key, `ledger of wheel ${wheel.id}`, user.id, on)) return;
		if (wheel.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. Its book is closed.`);
		const lines = await ledger(wheel.id, on);
		const gone = new Set(lines.map((l) => l.correctsId));
		const measured = lines.flatMap(({ id, diameterAfterMm: d }) =>
			d === null || gone.has(id) ? [] : [{ id, diameterAfterMm: d }]
		);
		const line = correctable(measured, wheel, diameterAfterMm);
		await addEvent(
			{
				wheelId: wheel.id,
				kind: 'corrected',
				diameterAfterMm,
				setupId: wheel.heldBy,
				recordId: null,
				note: `instead of ${line.diameterAfterMm}: ${reason}`,
				correctsId: line.id,
				userId: user.id
			},
			on
		);
	});
}
