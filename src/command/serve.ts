import { spawn } from 'node:child_process';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { applicationEnvironment, endChild, startApplication } from './application.js';
import { build } from './build.js';
import { holdsTables, moveAside } from './database/folder.js';
import { databaseEnvironment, startDatabase, stopLaunched } from './database/mariadb.js';
import { shopOn } from './database/shop-on.js';
import { settleRestore } from './database/swap.js';
import { DATA, DEMO, ROOT } from './paths.js';
import { keepUp } from './keep-up.js';
import { noteRunning, refuseWhileRunning } from './running.js';
import { alive, freePort, inWords, say } from './system.js';

async function prepare(
	demo: boolean,
	reset: boolean,
	started: (database: Awaited<ReturnType<typeof startDatabase>>) => void = () => undefined
) {
	mkdirSync(DATA, { recursive: true, mode: 0o700 });
	if (reset) await setAside();
	const database = await startDatabase(DATA);
	started(database);
	try {
		const ready = await shopOn(database, demo);
		if (ready.migrated.length) say(`Migrated: ${ready.migrated.join(', ')}`);
		for (const words of ready.beyond) say(words);
		if (ready.demoLoaded) say('Demo shop loaded: Brackwater Pump Rebuild.');
		if (!demo) await refuseDemoPeople();
		return database;
	} catch (error) {
		await database.stop();
		throw error;
	}
}

/** Makes room for a new demo shop: an old one is moved aside and kept, a shop in which people work is left alone. @throws Error in words */
async function setAside(): Promise<void> {
	if (!holdsTables(DATA)) return;
	const old = await startDatabase(DATA).catch((error: Error) => {
		throw new Error(
			`${error.message} So nobody can say whether ${DATA} holds the demo shop; it is left as it is. Move it away yourself, or look at it with ./uncinus doctor.`
		);
	});
	try {
		Object.assign(process.env, databaseEnvironment(old.owner));
		const { isDemoShop } = await import('../lib/server/demo/shop.js');
		const { closeDatabase } = await import('../lib/server/storage/pool.js');
		const demo = await isDemoShop(DEMO);
		await closeDatabase();
		if (!demo)
			throw new Error(
				`${DATA} holds a shop in which people work; it is no demo shop, and --reset leaves it as it is. Look at the demo in another folder: UNCINUS_DATA=/path/to/folder ./uncinus demo.`
			);
	} finally {
		await old.stop();
	}
	const kept = moveAside(DATA, Date.now());
	if (kept) say(`The old demo shop is kept in ${kept}.`);
}

/** The PINs of the demo shop are printed on its sign-in page: nobody may work for real in a shop that still has them. @throws Error in words */
async function refuseDemoPeople(): Promise<void> {
	const { demoPeopleIn } = await import('../lib/server/demo/shop.js');
	const { closeDatabase } = await import('../lib/server/storage/pool.js');
	const names = await demoPeopleIn(DEMO);
	await closeDatabase();
	if (names.length)
		throw new Error(
			`${DATA} holds people of the demo shop whose PINs everybody knows: ${names.join(', ')}. Start a shop of your own in another folder (UNCINUS_DATA=/path/to/folder ./uncinus start), or look at the demo with ./uncinus demo.`
		);
}

const LOOKED_EVERY_MS = 2000;
/** Starts the database again whenever it has ended by itself, as on a full disk, for as long as the command lives. */
async function watch(over: () => boolean, pid: () => number, again: () => Promise<void>): Promise<void> {
	while (!over()) {
		await new Promise((r) => setTimeout(r, LOOKED_EVERY_MS));
		if (over() || alive(pid())) continue;
		say('The database has ended. Starting it again ...');
		await again().then(
			() => say('The database answers again.'),
			(error: Error) => say(inWords(error))
		);
	}
}

/** Where nobody works yet: the code by which whoever reads this window becomes the first lead; a new one at every start. */
async function firstCode(): Promise<string | null> {
	const { people } = await import('../lib/server/people/sign-in.js');
	const { oneTimeDigits } = await import('../lib/server/people/pins.js');
	const { closeDatabase } = await import('../lib/server/storage/pool.js');
	const nobody = !(await people()).length;
	await closeDatabase();
	return nobody ? oneTimeDigits() : null;
}

/** Starts database and application, prints the address and stops all of it on Ctrl-C. */
export async function serve(o: { demo: boolean; reset: boolean; port: number }): Promise<void> {
	refuseWhileRunning(DATA);
	await settleRestore(DATA);
	mkdirSync(DATA, { recursive: true, mode: 0o700 });
	let done = noteRunning(DATA, 'start');
	const built = build();
	built.catch(() => undefined);
	let database: Awaited<ReturnType<typeof startDatabase>> | null = null;
	let stopping = false;
	let child: Awaited<ReturnType<typeof startApplication>> | null = null;
	const stop = async (code: number) => {
		if (stopping) return;
		stopping = true;
		say('\nStopping ...');
		if (child) await endChild(child);
		await database?.stop();
		// One that was still starting is not known as a database yet.
		await stopLaunched();
		done();
		process.exit(code);
	};
	// From the first moment on: what was begun is ended in order, and what was broken off is begun again at the next start.
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0));
	database = await prepare(o.demo, o.reset, (d) => (database = d)).catch((error: Error) => {
		// While it stops, whatever fails fails because of that.
		if (stopping) return new Promise<never>(() => undefined);
		done();
		throw error;
	});
	try {
		await built;
		const port = await freePort(o.port);
		if (port !== o.port) say(`Port ${o.port} is in use; taking ${port}.`);
		done = noteRunning(DATA, 'start', port);
		const code = o.demo ? null : await firstCode();
		const start = async () =>
			(child = await startApplication(
				database!.address,
				port,
				o.demo,
				false,
				code ? { UNCINUS_FIRST_CODE: code } : {}
			));
		void keepUp(await start(), start, () => stopping).then((end) => {
			if (end === 'given up') void stop(1);
		});
		process.stdout.write(`Uncinus is at http://127.0.0.1:${port}\n`);
		if (code) say(`Nobody works here yet. Open it and become the first lead with this code: ${code}`);
		say('Ctrl-C stops everything.');
		await watch(
			() => stopping,
			() => database!.pid,
			async () => {
				database = await startDatabase(DATA);
			}
		);
	} catch (e) {
		say((e as Error).message);
		await stop(1);
	}
}

/** Development server with live reload on the demo data. */
export async function develop(port: number): Promise<void> {
	refuseWhileRunning(DATA);
	await settleRestore(DATA);
	mkdirSync(DATA, { recursive: true, mode: 0o700 });
	const done = noteRunning(DATA, 'dev', port);
	const database = await prepare(true, false).catch((error: Error) => {
		done();
		throw error;
	});
	const child = spawn(
		process.execPath,
		[join(ROOT, 'node_modules/vite/bin/vite.js'), 'dev', '--port', String(port)],
		{ cwd: ROOT, stdio: 'inherit', env: applicationEnvironment(database.address, port, true) }
	);
	const stop = async () => {
		await endChild(child);
		await database.stop();
		done();
		process.exit(0);
	};
	for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop());
	child.once('exit', () => void stop());
}
