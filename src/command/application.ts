import { type ChildProcess, spawn } from 'node:child_process';
import { join } from 'node:path';
import type { DatabaseAddress } from '../lib/server/db/pool.js';
import { databaseEnvironment } from './database/mariadb.js';
import { startStandIns } from './stand-ins.js';
import { BUILD, ROOT } from './paths.js';
import { until } from './system.js';

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

/** Starts the built application and waits until it answers. */
export async function startApplication(
	address: DatabaseAddress,
	port: number,
	demo: boolean,
	quiet = false,
	more: NodeJS.ProcessEnv = {}
): Promise<ChildProcess> {
	const standIns = demo ? await startStandIns() : null;
	const child = spawn(process.execPath, [join(BUILD, 'index.js')], {
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
