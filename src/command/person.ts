import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { startDatabase } from './database/mariadb.js';
import { shopOn } from './database/shop-on.js';
import { DATA } from './paths.js';
import { say } from './system.js';

/**
 * For whoever has the server in hand: adds a lead, or gives somebody a new PIN for one time, also while the application runs. The PIN
 * is printed once and has to be changed at the first sign-in.
 * @throws Error in words where there is no shop, nobody of that name, or somebody already
 */
export async function person(what: 'add' | 'reset', given: string): Promise<void> {
	const name = given.trim();
	if (name.length < 2 || name.length > 60) throw new Error('Give the name, first and last, in quotes.');
	if (!existsSync(join(DATA, 'created')))
		throw new Error(`There is no shop in ${DATA} yet. Start one with ./uncinus start.`);
	const db = await startDatabase(DATA);
	try {
		if (db.started) await shopOn(db, false);
		else {
			const { databaseEnvironment } = await import('./database/mariadb.js');
			Object.assign(process.env, databaseEnvironment(db.address));
		}
		// What is said stands in this window once; the log of the server is another.
		process.env.UNCINUS_LOG ??= 'silent';
		const { addLead, resetPin } = await import('../lib/server/people/locked-out.js');
		const { closeDatabase } = await import('../lib/server/storage/pool.js');
		try {
			const pin = await (what === 'add' ? addLead(name) : resetPin(name));
			say(`${name} signs in once with ${pin}, within three days, and then chooses a PIN.`);
		} finally {
			await closeDatabase();
		}
	} finally {
		// Only what was started here is stopped here.
		if (db.started) await db.stop();
	}
}
