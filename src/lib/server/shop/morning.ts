import { recordsFrom } from '../../../core/route/apply-submission.js';
import { inShop } from '../../../core/calculation/limits.js';
import { ITEM_WORDS, MORNING, MORNING_FIELDS, type Morning, morningOf } from '../../../core/route/morning.js';
import type { Shift } from '../../../core/set/shift.js';
import { dayIn } from '../../../core/numeric/zone.js';
import { shopZone } from '../storage/today.js';
import { type Runner, places, queryRows, row, transaction } from '../storage/pool.js';
import { keepRecords } from '../storage/keep-records.js';
import { keyUsed } from '../storage/records.js';
import { stored } from '../storage/stored.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { limitsNow } from './guidelines.js';

interface Raw {
	id: number;
	machineId: number;
	entered: string;
	output: string;
	by: string;
	at: Date;
}
const NEWEST = `SELECT r.id, r.machine_id AS machineId, r.entered, r.output, u.name AS \`by\`, r.at FROM machines m
	JOIN records r ON r.id = (SELECT x.id FROM records x WHERE x.machine_id = m.id AND x.station = '${MORNING.station}' AND x.step = '${MORNING.step}' ORDER BY x.id DESC LIMIT 1)
	JOIN users u ON u.id = r.user_id`;

function morning(r: Raw, zone: string): Morning | null {
	const entered = stored<{ shift: Shift }>(r.entered);
	const output = stored<{ mayStart: boolean; open: string[] }>(r.output);
	if (!entered || !output) return null;
	return {
		recordId: Number(r.id),
		day: dayIn(zone, r.at.getTime()),
		shift: entered.shift,
		mayStart: output.mayStart,
		open: output.open.map((name) => ITEM_WORDS[name] ?? name),
		by: r.by,
		atMs: r.at.getTime()
	};
}

/** The newest sheet of a machine, and what was entered on it: what this machine does not have stays so. Nulls where nobody ever filled one in. */
export async function lastMorning(
	machineId: number
): Promise<{ newest: Morning | null; last: Record<string, unknown> | null }> {
	const r = await row<Raw>(`${NEWEST} WHERE m.id = ?`, [machineId]);
	return {
		newest: r ? morning(r, await shopZone()) : null,
		last: r ? (stored<Record<string, unknown>>(r.entered) ?? null) : null
	};
}
/** The newest sheet of each of these machines that has one. */
export async function newestMornings(
	machineIds: readonly number[],
	on?: Runner
): Promise<Map<number, Morning>> {
	if (!machineIds.length) return new Map();
	const list = await queryRows<Raw>(`${NEWEST} WHERE m.id IN (${places(machineIds)})`, [...machineIds], on);
	const zone = await shopZone(on);
	return new Map(
		list.flatMap((r) => {
			const m = morning(r, zone);
			return m ? [[r.machineId, m] as const] : [];
		})
	);
}

/** Keeps a machine's morning sheet, whatever it says. @throws Refused 404 for a machine there is none of; InputFault */
export async function keepMorning(code: string, given: unknown, key: string, user: User): Promise<void> {
	mayWrite(user);
	const limits = await limitsNow();
	const values = checked(inShop(MORNING_FIELDS, limits), given);
	await transaction(async (on) => {
		const m = await row<{ id: number }>('SELECT id FROM machines WHERE code = ? AND NOT retired', [code], on);
		if (!m) throw new Refused(404, 'no-machine', `There is no machine ${code.slice(0, 20)}.`);
		if (await keyUsed(key, { setupId: null, step: MORNING.step, userId: user.id }, on)) return;
		const records = recordsFrom(MORNING, values, morningOf({ guidelines: { limits } }, values), null, null);
		await keepRecords(records, { setupId: null, machineId: m.id, facts: null, userId: user.id, key }, on);
	});
}
