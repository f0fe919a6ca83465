import { existsSync } from 'node:fs';
import { DATA, MIGRATIONS } from '../paths.js';
import { say } from '../system.js';
import { isCreated } from './folder.js';
import { type PrivateDatabase, databaseEnvironment, startDatabase } from './mariadb.js';
import { loaded } from './restore.js';

/**
 * Checks the evidence of the shop here, or of a backup, which is loaded into a folder of its own for it.
 * @throws Error in words when anything is not as it was kept
 */
export async function verify(file: string | undefined, folder = DATA): Promise<void> {
	if (file) {
		if (!existsSync(file)) throw new Error(`There is no file ${file}.`);
		return loaded(`${folder}-verifying`, file, (db) => check(db, file));
	}
	if (!isCreated(folder)) throw new Error(`There is no shop in ${folder} to verify.`);
	const db = await startDatabase(folder);
	try {
		await check(db, folder);
	} finally {
		if (db.started) await db.stop();
	}
}

async function check(db: PrivateDatabase, what: string): Promise<void> {
	const env = { ...process.env };
	Object.assign(process.env, databaseEnvironment(db.owner));
	const { closeDatabase } = await import('../../lib/server/storage/pool.js');
	const { verifyRecords, wrongTriggers } = await import('../../lib/server/storage/verify.js');
	try {
		const { records, chains, wrong: changed } = await verifyRecords();
		const wrong = [...(await wrongTriggers(MIGRATIONS)), ...changed];
		if (wrong.length) throw new Error(`${what} is not as it was kept:\n${wrong.join('\n')}`);
		say(`${what}: ${records} records in ${chains} chains are as they were kept.`);
	} finally {
		await closeDatabase();
		Object.assign(process.env, env);
	}
}
