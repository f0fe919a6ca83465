import { pendingMigrations } from '../lib/server/db/migrate.js';
import { addressFromEnvironment, closeDatabase, row } from '../lib/server/db/pool.js';
import { endChild, startApplication } from './application.js';
import { build } from './build.js';
import { MIGRATIONS } from './paths.js';
import { freePort, inWords, say } from './system.js';

/** The application alone, on a database that runs somewhere else and is not ours to start, stop or change. */
export async function serveGiven(wanted: number): Promise<void> {
	const address = addressFromEnvironment();
	await ready(address.host);
	await build();
	const port = await freePort(wanted);
	if (port !== wanted) say(`Port ${wanted} is in use; taking ${port}.`);
	const child = await startApplication(address, port, false);
	let stopping = false;
	const stop = async (code: number) => {
		if (stopping) return;
		stopping = true;
		say('\nStopping ...');
		await endChild(child);
		process.exit(code);
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0));
	child.once('exit', (code) => {
		if (!stopping) say(`The application ended (${code}).`);
		void stop(1);
	});
	process.stdout.write(`Uncinus is at http://127.0.0.1:${port}, on the database at ${address.host}\n`);
}

/** @throws Error in words where nobody answers there, or its tables are not up to date */
async function ready(host: string): Promise<void> {
	try {
		await row('SELECT 1');
	} catch (e) {
		const why = inWords((e as { cause?: Error }).cause ?? (e as Error));
		throw new Error(`The database at ${host} does not let ${process.env.UNCINUS_DB_USER} in: ${why}`, {
			cause: e
		});
	}
	const pending = await pendingMigrations(MIGRATIONS);
	await closeDatabase();
	if (pending.length)
		throw new Error(
			`The tables at ${host} are not up to date (${pending.join(', ')}). Run ./uncinus migrate once, as their owner, then start again.`
		);
}
