import { type ChildProcess, spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import type { DatabaseAddress } from '../lib/server/db/pool.js';
import { alive, find, freePort, installPackages, run, say, until } from './system.js';

/** A private MariaDB under a folder of its own: loopback only, own port, own socket, generated password. */
export interface PrivateDatabase {
	address: DatabaseAddress;
	pid: number;
	stop(): Promise<void>;
}

const SERVER = ['/usr/sbin/mariadbd', 'mariadbd', '/usr/sbin/mysqld'];
const MODE =
	'STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION';

export function installed(): string | null {
	return find(...SERVER);
}

function settings(folder: string): { password: string; port: number } {
	const file = join(folder, 'access.json');
	if (existsSync(file)) return JSON.parse(readFileSync(file, 'utf8'));
	const fresh = { password: randomBytes(18).toString('base64url'), port: 0 };
	writeFileSync(file, JSON.stringify(fresh), { mode: 0o600 });
	return fresh;
}

/** Socket paths are limited to about a hundred characters, so the socket lives in the temporary folder under a name of its own. */
const socketFor = (folder: string): string =>
	join(tmpdir(), `uncinus-${createHash('sha256').update(folder).digest('hex').slice(0, 12)}.sock`);

/** The process serving this folder at the moment, whoever started it. */
export function runningPid(folder: string): number | null {
	try {
		const pid = Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8'));
		if (!pid || !alive(pid)) return null;
		return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(`--datadir=${join(folder, 'mariadb')}`)
			? pid
			: null;
	} catch {
		return null;
	}
}

async function answers(address: DatabaseAddress): Promise<boolean> {
	try {
		const c = await mysql.createConnection({ ...address, connectTimeout: 2000 });
		await c.end();
		return true;
	} catch {
		return false;
	}
}

/** A slow disk under a busy machine has needed more than half a minute for a first start. */
const START_WITHIN_MS = 180_000;

/** Starts the database of this folder, creating it on the first start and adopting or healing whatever an earlier start left. */
export async function startDatabase(folder: string, firstPort = 3317): Promise<PrivateDatabase> {
	if (!installed()) await installPackages('mariadb-server');
	const program = installed();
	if (!program)
		throw new Error(
			'MariaDB could not be installed. Install the Debian package mariadb-server and start again.'
		);
	mkdirSync(folder, { recursive: true });
	const access = settings(folder);
	const address = (port: number): DatabaseAddress => ({
		host: '127.0.0.1',
		port,
		user: 'uncinus',
		password: access.password,
		database: 'uncinus'
	});
	const left = runningPid(folder);
	if (left && access.port && (await answers(address(access.port))))
		return { address: address(access.port), pid: left, stop: () => stopPid(left) };
	if (left) await stopPid(left);

	const data = join(folder, 'mariadb');
	const ready = join(folder, 'created');
	if (!existsSync(ready)) {
		rmSync(data, { recursive: true, force: true });
		await run(
			find('/usr/bin/mariadb-install-db', 'mariadb-install-db', 'mysql_install_db')!,
			[
				'--no-defaults',
				`--datadir=${data}`,
				'--auth-root-authentication-method=normal',
				'--skip-test-db',
				...asRoot()
			],
			{ quiet: true }
		);
	}
	const port = await freePort(access.port || firstPort);
	const socket = socketFor(folder);
	rmSync(socket, { force: true });
	const child = launch(program, folder, data, socket, port);
	const failed = new Promise<never>((_, fail) =>
		child.once('exit', (code) =>
			fail(new Error(`The database ended at once (${code}). See ${join(folder, 'mariadb.err')}.`))
		)
	);
	failed.catch(() => undefined);
	if (!existsSync(ready)) {
		await Promise.race([
			failed,
			until(() => answersAsRoot(socket), 'The database did not start.', START_WITHIN_MS)
		]);
		await createAccount(socket, access.password);
		writeFileSync(ready, '');
	}
	writeFileSync(join(folder, 'access.json'), JSON.stringify({ ...access, port }), { mode: 0o600 });
	await Promise.race([
		failed,
		until(() => answers(address(port)), 'The database did not start.', START_WITHIN_MS)
	]);
	return { address: address(port), pid: child.pid!, stop: () => stopPid(child.pid!) };
}

const asRoot = (): string[] => (process.getuid?.() === 0 ? ['--user=root'] : []);

function launch(program: string, folder: string, data: string, socket: string, port: number): ChildProcess {
	const child = spawn(
		program,
		[
			'--no-defaults',
			`--datadir=${data}`,
			`--socket=${socket}`,
			`--port=${port}`,
			'--bind-address=127.0.0.1',
			`--pid-file=${join(folder, 'mariadb.pid')}`,
			`--log-error=${join(folder, 'mariadb.err')}`,
			...asRoot(),
			`--sql-mode=${MODE}`,
			'--character-set-server=utf8mb4',
			'--collation-server=utf8mb4_unicode_ci',
			'--default-time-zone=+00:00',
			'--default-storage-engine=InnoDB',
			'--skip-log-bin',
			'--skip-name-resolve',
			'--innodb-buffer-pool-size=128M',
			'--max-connections=120',
			'--max-allowed-packet=64M'
		],
		{ stdio: 'ignore', detached: true }
	);
	child.unref();
	return child;
}

async function answersAsRoot(socketPath: string): Promise<boolean> {
	try {
		const c = await mysql.createConnection({ socketPath, user: 'root' });
		await c.end();
		return true;
	} catch {
		return false;
	}
}

async function createAccount(socketPath: string, password: string): Promise<void> {
	const c = await mysql.createConnection({ socketPath, user: 'root' });
	await c.query('CREATE DATABASE IF NOT EXISTS uncinus CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci');
	for (const host of ['localhost', '127.0.0.1']) {
		await c.query('CREATE USER IF NOT EXISTS ?@? IDENTIFIED BY ?', ['uncinus', host, password]);
		await c.query('GRANT ALL ON uncinus.* TO ?@?', ['uncinus', host]);
	}
	await c.query('ALTER USER root@localhost IDENTIFIED BY ?', [password]);
	await c.end();
}

/** Asks the server to stop and waits until it has written everything. */
export async function stopPid(pid: number): Promise<void> {
	if (!alive(pid)) return;
	process.kill(pid, 'SIGTERM');
	await until(() => !alive(pid), 'The database did not stop in time.', 60_000).catch((e: Error) => {
		say(e.message);
		process.kill(pid, 'SIGKILL');
	});
}

/** Stops whatever serves this folder now; a test may have stopped the first server and started another. */
export async function stopDatabase(folder: string): Promise<void> {
	const pid = runningPid(folder);
	if (pid) await stopPid(pid);
}

/** The environment that tells the application where the database is. */
export function databaseEnvironment(a: DatabaseAddress): NodeJS.ProcessEnv {
	return {
		UNCINUS_DB_HOST: a.host,
		UNCINUS_DB_PORT: String(a.port),
		UNCINUS_DB_USER: a.user,
		UNCINUS_DB_PASSWORD: a.password,
		UNCINUS_DB_NAME: a.database
	};
}
