import { DEMO, MIGRATIONS } from '../paths.js';
import { say } from '../system.js';
import { type PrivateDatabase, databaseEnvironment } from './mariadb.js';

/** What was done to make a database ready for the application. */
export interface Ready {
	migrated: string[];
	demoLoaded: boolean;
	/** Figures of the shop beyond an end that nobody may pass, in words. */
	beyond: string[];
}

/**
 * Brings the tables of a database up to date as its owner, puts the demo shop in where asked, and leaves this process (and what it
 * starts) with the application's own account.
 */
export async function shopOn(database: PrivateDatabase, demo: boolean, withSetups = true): Promise<Ready> {
	const { closeDatabase } = await import('../../lib/server/storage/pool.js');
	const { endThreads } = await import('../../lib/server/jobs/run-job.js');
	const { withDeadlines } = await import('../../lib/server/storage/deadline.js');
	const { migrate } = await import('../../lib/server/storage/migrate.js');
	const { brokenOff, loadDemo, somebodyWorked } = await import('../../lib/server/demo/demo.js');
	Object.assign(process.env, databaseEnvironment(database.owner));
	try {
		withDeadlines(false);
		let migrated = await migrate(MIGRATIONS);
		// What is simulated may stand among the records of the demo shop, and of no other.
		if (demo) process.env.UNCINUS_DEMO = '1';
		// Its setups have numbers of their own, which only the owner of the tables can give.
		if (demo && (await brokenOff())) {
			if (await somebodyWorked())
				throw new Error(
					'The demo shop was not loaded to its end here, but somebody has signed in since. It is left as it is; look at the demo in another folder: UNCINUS_DATA=/path/to/folder ./uncinus demo.'
				);
			say('The demo shop was not loaded to its end. Loading it again ...');
			await dropEverything();
			migrated = await migrate(MIGRATIONS);
		}
		const demoLoaded = demo && (await loadDemo(DEMO, withSetups));
		const { beyondInWords } = await import('../../lib/server/shop/guidelines.js');
		return { migrated, demoLoaded, beyond: await beyondInWords() };
	} finally {
		withDeadlines(true);
		await endThreads();
		await closeDatabase();
		Object.assign(process.env, databaseEnvironment(database.address));
	}
}

/** Takes every table away; only of half a demo shop, in which nobody has worked. */
async function dropEverything(): Promise<void> {
	const { rows, transaction, write } = await import('../../lib/server/storage/pool.js');
	const found = await rows<{ name: string; type: string }>(
		'SELECT TABLE_NAME AS name, TABLE_TYPE AS type FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()'
	);
	// One connection for all: the check of foreign keys is switched off on it alone.
	await transaction(async (on) => {
		await write('SET SESSION foreign_key_checks = 0', [], on);
		for (const { name, type } of found)
			await write(`DROP ${type === 'VIEW' ? 'VIEW' : 'TABLE'} IF EXISTS \`${name}\``, [], on);
		await write('SET SESSION foreign_key_checks = 1', [], on);
	});
}
