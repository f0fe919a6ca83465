import { MIGRATIONS } from '../paths.js';
import { say } from '../system.js';

/**
 * Brings the tables of a database that runs somewhere else up to date: once, from wherever; the nodes of a cluster hand it on.
 * @throws Error where no address is given
 */
export async function migrateGiven(): Promise<void> {
	if (!process.env.UNCINUS_DB_HOST)
		throw new Error(
			'Say where the database is: UNCINUS_DB_HOST, with UNCINUS_DB_USER and UNCINUS_DB_PASSWORD of the account that owns its tables. ./uncinus start brings its own up to date.'
		);
	const { closeDatabase } = await import('../../lib/server/storage/pool.js');
	const { migrate } = await import('../../lib/server/storage/migrate.js');
	try {
		const names = await migrate(MIGRATIONS);
		say(names.length ? `Migrated: ${names.join(', ')}` : 'Everything is up to date.');
	} finally {
		await closeDatabase();
	}
}
