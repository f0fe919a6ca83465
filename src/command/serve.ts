import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { applicationEnvironment, endChild, startApplication } from './application.js';
import { build } from './build.js';
import { databaseEnvironment, startDatabase } from './mariadb.js';
import { DATA, DEMO, MIGRATIONS, ROOT } from './paths.js';
import { alive, freePort, say } from './system.js';

interface Running {
	pid: number;
	port: number;
}
const NOTE = join(DATA, 'running.json');

/** Another start of this folder that is still alive; a stale note of a crashed one is ignored. */
function alreadyRunning(): Running | null {
	try {
		const r = JSON.parse(readFileSync(NOTE, 'utf8')) as Running;
		return alive(r.pid) &&
			r.pid !== process.pid &&
			readFileSync(`/proc/${r.pid}/cmdline`, 'utf8').includes('main.ts')
			? r
			: null;
	} catch {
		return null;
	}
}

async function prepare(demo: boolean, reset: boolean) {
	mkdirSync(DATA, { recursive: true });
	if (reset)
		for (const name of ['mariadb', 'created', 'access.json', 'mariadb.err'])
			rmSync(join(DATA, name), { recursive: true, force: true });
	const database = await startDatabase(DATA);
	try {
		Object.assign(process.env, databaseEnvironment(database.address));
		const { migrate } = await import('../lib/server/db/migrate.js');
		const { closeDatabase } = await import('../lib/server/db/pool.js');
		const applied = await migrate(MIGRATIONS);
		if (applied.length) say(`Migrated: ${applied.join(', ')}`);
		if (demo) {
			const { loadDemo } = await import('../lib/server/demo/demo.js');
			if (await loadDemo(DEMO)) say('Demo shop loaded: Brackwater Pump Rebuild.');
		}
		await closeDatabase();
		return database;
	} catch (e) {
		await database.stop();
		throw e;
	}
}

/** Starts database and application, prints the address and stops all of it on Ctrl-C. */
export async function serve(o: { demo: boolean; reset: boolean; port: number }): Promise<void> {
	const other = alreadyRunning();
	if (other) {
		say(`Already running at http://127.0.0.1:${other.port} (process ${other.pid}). Stop that one first.`);
		process.exitCode = 1;
		return;
	}
	const built = build();
	built.catch(() => undefined);
	const database = await prepare(o.demo, o.reset);
	let stopping = false;
	let child: Awaited<ReturnType<typeof startApplication>> | null = null;
	const stop = async (code: number) => {
		if (stopping) return;
		stopping = true;
		say('\nStopping ...');
		if (child) await endChild(child);
		await database.stop();
		rmSync(NOTE, { force: true });
		process.exit(code);
	};
	for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void stop(0));
	try {
		await built;
		const port = await freePort(o.port);
		if (port !== o.port) say(`Port ${o.port} is in use; taking ${port}.`);
		writeFileSync(NOTE, JSON.stringify({ pid: process.pid, port }));
		child = await startApplication(database.address, port, o.demo);
		child.once('exit', (code) => {
			if (!stopping) {
				say(`The application ended (${code}).`);
				void stop(1);
			}
		});
		process.stdout.write(`Uncinus is at http://127.0.0.1:${port}\n`);
		say('Ctrl-C stops everything.');
	} catch (e) {
		say((e as Error).message);
		await stop(1);
	}
}

/** Development server with live reload on the demo data. */
export async function develop(port: number): Promise<void> {
	const database = await prepare(true, false);
	const child = spawn(
		process.execPath,
		[join(ROOT, 'node_modules/vite/bin/vite.js'), 'dev', '--port', String(port)],
		{ cwd: ROOT, stdio: 'inherit', env: applicationEnvironment(database.address, port, true) }
	);
	const stop = async () => {
		await endChild(child);
		await database.stop();
		process.exit(0);
	};
	for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void stop());
	child.once('exit', () => void stop());
	if (!existsSync(DATA)) say('No data folder.');
}
