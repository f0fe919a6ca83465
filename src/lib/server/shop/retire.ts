import { row, transaction, write } from '../storage/pool.js';
import { Refused } from '../refused.js';
import { mayLead } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { columnOf } from './columns.js';
import { TABLES, shopKind } from './shop.js';

/** Where something of an open setup would miss it. */
const HELD_BY: Readonly<Record<string, string>> = { machines: 'machine_id', mounts: 'mount_id' };

/**
 * Takes a thing out of use, or brings it back; what was recorded with it stays, and nothing is deleted.
 * @throws Refused 403, 404; 409 while an open setup needs it
 */
export async function retireShopItem(
	kindId: string,
	key: string,
	retired: boolean,
	user: User
): Promise<void> {
	mayLead(user, 'A lead changes what the shop keeps.');
	const kind = shopKind(kindId);
	if (kind.id === 'people')
		throw new Refused(409, 'people-leave', 'Say under "Works here" that somebody has left.');
	await transaction(async (on) => {
		const table = TABLES[kind.id]!;
		const own = await row<{ id: number }>(
			`SELECT id FROM ${table} WHERE ${columnOf(kind.key)} = ? FOR UPDATE`,
			[key],
			on
		);
		if (!own) throw new Refused(404, 'not-found', `There is no ${kind.one} ${key.slice(0, 20)}.`);
		const held = HELD_BY[kind.id];
		const open =
			retired && held
				? await row<{ id: number }>(
						`SELECT id FROM setups WHERE ${held} = ? AND state <> 'finished' ORDER BY id LIMIT 1`,
						[own.id],
						on
					)
				: undefined;
		if (open)
			throw new Refused(
				409,
				'in-use',
				`Setup ${open.id} is open with it. Finish it or give it up, then take the ${kind.one} out of use.`
			);
		await write(`UPDATE ${table} SET retired = ? WHERE id = ?`, [retired, own.id], on);
	});
}
