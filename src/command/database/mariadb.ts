import { type ChildProcess, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { chmodSync, chownSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import type { DatabaseAddress } from '../../lib/server/db/pool.js';
import { alive, find, freePort, installPackages, run, say, until } from '../system.js';
import { accessOf, keepAccess, newAccess, type Access } from './access.js';
import { APP, OWNER, accountsSql } from './accounts.js';
import { type SystemUser, closeTo, reaches, unprivileged } from './system-user.js';

/** A private MariaDB under a folder of its own: loopback only, own port, own socket, generated passwords. */
export interface PrivateDatabase {
	/** As the application reaches it. */
	address: DatabaseAddress;
	/** As migrations, backup and restore reach it. */
	owner: DatabaseAddress;
	pid: number;
	/** Whether this call started it; what somebody else started is not ours to stop. */
	started: boolean;
	stop(): Promise<void>;
}

const SERVER = ['/usr/sbin/mariadbd', 'mariadbd', '/usr/sbin/mysqld'];
const MODE =
	'STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION';

export function installed(): string | null {
	return find(...SERVER);
}

/** Socket paths are limited to about a hundred characters, so the socket lives in the temporary folder under a name of its own. */
const socketFor = (folder: string): string =>
	join(tmpdir(), `uncinus-${createHash('sha256').update(folder).digest('hex').slice(0, 12)}.sock`);
/** Its own: a server clears the temporary folder of what it takes for its leftovers when it starts. */
const temporaryOf = (folder: string): string => join(folder, 'tmp');
/** Nothing is ever read from or written to files by a statement; this folder stays empty. */
const filesOf = (folder: string): string => join(folder, 'files');

const commandOf = (pid: number): string => {
	try {
		return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
	} catch {
		return '';
	}
};
/** The process serving this folder at the moment, whoever started it. */
export function runningPid(folder: string): number | null {
	try {
		const pid = Number(readFileSync(join(folder, 'mariadb.pid'), 'utf8'));
		return pid && alive(pid) && commandOf(pid).includes(`--datadir=${join(folder, 'mariadb')}\0`)
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

export const addressOf = (user: string, password: string, port: number): DatabaseAddress => ({
	host: '127.0.0.1',
	port,
	user,
	password,
	database: 'uncinus'
});

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
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	const access = accessOf(folder) ?? newAccess();
	const found = (pid: number, started: boolean): PrivateDatabase => ({
		address: addressOf(APP, access.password, access.port),
		owner: addressOf(OWNER, access.ownerPassword, access.port),
		pid,
		started,
		stop: () => stopPid(pid)
	});
	const left = runningPid(folder);
	// One that was started without its own temporary folder is an old one: it is started again, as it should be.
	if (left && access.port && commandOf(left).includes(`--tmpdir=${temporaryOf(folder)}\0`))
		if ((await answers(found(left, false).address)) && (await answers(found(left, false).owner)))
			return found(left, false);
	if (left) await stopPid(left);

	const user = prepare(folder);
	access.port = await freePort(access.port || firstPort);
	keepAccess(folder, access);
	if (!existsSync(join(folder, 'created'))) await create(folder, user);
	const accounts = join(temporaryOf(folder), 'accounts.sql');
	writeFileSync(accounts, accountsSql(access), { mode: 0o600 });
	closeTo(user, accounts);
	rmSync(socketFor(folder), { force: true });
	const child = launch(program, folder, access, accounts, user);
	const failed = new Promise<never>((_, fail) =>
		child.once('exit', (code) =>
			fail(new Error(`The database ended at once (${code}). See ${join(folder, 'mariadb.err')}.`))
		)
	);
	failed.catch(() => undefined);
	const database = found(child.pid!, true);
	try {
		await Promise.race([
			failed,
			until(() => answers(database.address), 'The database did not start.', START_WITHIN_MS)
		]);
	} finally {
		rmSync(accounts, { force: true });
	}
	writeFileSync(join(folder, 'created'), '', { mode: 0o600 });
	// Some of its files are made more open than it is told to.
	for (const name of ['mariadb', 'mariadb.err', 'mariadb.pid', 'created']) closeTo(null, join(folder, name));
	return database;
}

/** Folders for the database alone, and whom it runs as. */
function prepare(folder: string): SystemUser | null {
	for (const f of [folder, temporaryOf(folder), filesOf(folder)]) {
		mkdirSync(f, { recursive: true, mode: 0o700 });
		chmodSync(f, 0o700);
	}
	const user = unprivileged();
	if (user) chownSync(folder, user.uid, user.gid);
	if (user && !reaches(user, folder)) {
		say(
			`The user ${user.name} cannot get into ${folder}, so the database runs as root. Move the folder, or let others pass through the folders above it (chmod o+x).`
		);
		return null;
	}
	for (const name of ['mariadb', 'tmp', 'files', 'mariadb.err', 'mariadb.pid'])
		if (existsSync(join(folder, name))) closeTo(user, join(folder, name));
	return user;
}

/** Lays out an empty database; it is not started for it, so nobody can reach it meanwhile. */
async function create(folder: string, user: SystemUser | null): Promise<void> {
	const data = join(folder, 'mariadb');
	rmSync(data, { recursive: true, force: true });
	await run(
		find('/usr/bin/mariadb-install-db', 'mariadb-install-db', 'mysql_install_db')!,
		[
			'--no-defaults',
			`--datadir=${data}`,
			`--tmpdir=${temporaryOf(folder)}`,
			'--auth-root-authentication-method=socket',
			'--skip-test-db',
			...runAs(user)
		],
		{ quiet: true }
	);
}

const runAs = (user: SystemUser | null): string[] =>
	user ? [`--user=${user.name}`] : process.getuid?.() === 0 ? ['--user=root'] : [];

function launch(
	program: string,
	folder: string,
	access: Access,
	accounts: string,
	user: SystemUser | null
): ChildProcess {
	const child = spawn(
		program,
		[
			'--no-defaults',
			`--datadir=${join(folder, 'mariadb')}`,
			`--tmpdir=${temporaryOf(folder)}`,
			`--secure-file-priv=${filesOf(folder)}`,
			`--init-file=${accounts}`,
			'--local-infile=0',
			'--skip-symbolic-links',
			`--socket=${socketFor(folder)}`,
			`--port=${access.port}`,
			'--bind-address=127.0.0.1',
			`--pid-file=${join(folder, 'mariadb.pid')}`,
			`--log-error=${join(folder, 'mariadb.err')}`,
			...runAs(user),
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
		// What it writes is for its own user alone.
		{ stdio: 'ignore', detached: true, env: { ...process.env, UMASK: '0600', UMASK_DIR: '0700' } }
	);
	child.unref();
	return child;
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
