import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import type { DatabaseAddress } from '../lib/server/storage/pool.js';
import { databaseEnvironment } from './database/mariadb.js';
import { startStandIns } from './stand-ins.js';
import { BUILD, ROOT } from './paths.js';
import { type SystemUser, forApplication, reads } from './database/system-user.js';
import { say, until } from './system.js';

/** What is under way when it is told to end may finish for so long; a page left open would hold it for good. */
const END_AFTER_S = '1';
/** The environment the built application runs with. */
export function applicationEnvironment(
	address: DatabaseAddress,
	port: number,
	demo: boolean
): NodeJS.ProcessEnv {
	return {
		...process.env,
		...databaseEnvironment(address),
		HOST: '127.0.0.1',
		PORT: String(port),
		PROTOCOL_HEADER: 'x-forwarded-proto',
		// The address people type, where the operator says one: behind a proxy it is the proxy's.
		ORIGIN: process.env.ORIGIN || `http://127.0.0.1:${port}`,
		BODY_SIZE_LIMIT: '64M',
		// Threads that each keep freed memory for themselves hold more of it than they use.
		MALLOC_ARENA_MAX: '2',
		UNCINUS_BUILT: '1',
		SHUTDOWN_TIMEOUT: END_AFTER_S,
		UNCINUS_ROOT: ROOT,
		UNCINUS_DEMO: demo ? '1' : ''
	};
}

/** Everything the application reads: itself, its packages, its threads, what the demo shop shows. */
const READS = [
	process.execPath,
	join(BUILD, 'index.js'),
	join(ROOT, 'node_modules/@sveltejs/kit/package.json'),
	join(ROOT, 'database/demo/shop.json')
];
/** Whom it runs as where we are root: nobody, unless nobody can read what it consists of. */
function whom(quiet: boolean): SystemUser | null {
	const user = forApplication();
	if (!user) return null;
	const closed = READS.find((file) => !reads(user, file));
	if (!closed) return user;
	if (!quiet)
		say(
			`The user ${user.name} cannot read ${closed}, so the application runs as root. Move the project to where others can read it, or start it as a user of its own.`
		);
	return null;
}

/** Starts the built application and waits until it answers. */
export async function startApplication(
	address: DatabaseAddress,
	port: number,
	demo: boolean,
	quiet = false,
	more: NodeJS.ProcessEnv = {}
): Promise<ChildProcess> {
	const standIns = demo ? await startStandIns() : null;
	const user = whom(quiet);
	const child = spawn(process.execPath, [join(BUILD, 'index.js')], {
		...(user && { uid: user.uid, gid: user.gid, cwd: '/' }),
		env: {
			...applicationEnvironment(address, port, demo),
			...(standIns ? { UNCINUS_STAND_INS: String(standIns.port) } : {}),
			...more
		},
		stdio: ['ignore', 'ignore', quiet ? 'ignore' : 'inherit', 'ipc']
	});
	if (standIns) child.once('exit', () => void standIns.stop());
	let ended = false;
	child.once('exit', () => {
		ended = true;
	});
	await until(async () => {
		if (ended) throw new Error('The application ended at once.');
		return (await fetch(`http://127.0.0.1:${port}/health`).catch(() => null))?.ok ?? false;
	}, 'The application did not answer in time.');
	return child;
}

/** Ends a child and waits for it. */
export async function endChild(child: ChildProcess): Promise<void> {
	if (child.exitCode !== null || child.signalCode !== null) return;
	const gone = new Promise((r) => child.once('exit', r));
	child.kill('SIGTERM');
	const hard = setTimeout(() => child.kill('SIGKILL'), 5000);
	await gone;
	clearTimeout(hard);
}
