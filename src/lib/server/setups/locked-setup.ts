import type { PoolConnection } from 'mysql2/promise';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { keyUsed } from '../storage/records.js';
import { Refused } from '../refused.js';
import type { User } from '../people/sign-in.js';
import { loadSetup } from './setups.js';

/**
 * The setup as it is now, locked; null when this very submit was carried out before.
 * @throws Refused 404 when there is none, 409 when somebody else changed it meanwhile
 */
export async function loadLockedSetup(
	id: number,
	version: number,
	key: string,
	user: User,
	on: PoolConnection,
	step?: string
): Promise<SetupFacts | null> {
	const loaded = await loadSetup(id, on, true);
	if (!loaded) throw new Refused(404, 'no-setup', `There is no setup ${id}.`);
	if (await keyUsed(key, { setupId: id, step, userId: user.id }, on)) return null;
	if (loaded.facts.version === version) return loaded.facts;
	const who = loaded.changedBy ?? 'Somebody';
	throw new Refused(
		409,
		'changed-meanwhile',
		`${who} changed this setup meanwhile. It is shown as it is now; look at it, then record yours again. What you typed is kept.`
	);
}
