import { DEMO, MIGRATIONS } from '../paths.js';
import { type PrivateDatabase, databaseEnvironment } from './mariadb.js';

/** What was done to make a database ready for the application. */
export interface Ready {
	migrated: string[];
	demoLoaded: boolean;
}

/**
 * Brings the tables of a database up to date as its owner, puts the demo shop in where asked, and leaves this process (and what it
 * starts) with the application's own account.
 */
export async function shopOn(database: PrivateDatabase, demo: boolean, withSetups = true): Promise<Ready> {
	const { closeDatabase } = await import('../../lib/server/db/pool.js');
	const { endThreads } = await import('../../lib/server/heavy/heavy.js');
	const { migrate } = await import('../../lib/server/db/migrate.js');
	Object.assign(process.env, databaseEnvironment(database.owner));
	try {
		const migrated = await migrate(MIGRATIONS);
		// What is simulated may stand among the records of the demo shop, and of no other.
		if (demo) process.env.UNCINUS_DEMO = '1';
		// Its setups have numbers of their own, which only the owner of the tables can give.
		const demoLoaded =
			demo && (await (await import('../../lib/server/demo/demo.js')).loadDemo(DEMO, withSetups));
		return { migrated, demoLoaded };
	} finally {
		await endThreads();
		await closeDatabase();
		Object.assign(process.env, databaseEnvironment(database.address));
	}
}
