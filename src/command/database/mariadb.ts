import { chmodSync, chownSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import type { DatabaseAddress } from '../../lib/server/db/pool.js';
import { alive, find, freePort, installPackages, run, say, until } from '../system.js';
import { accessOf, keepAccess, newAccess } from './access.js';
import { APP, OWNER, accountsSql } from './accounts.js';
import { holdsTables, isCreated, markCreated } from './folder.js';
import { filesOf, launch, runAs, socketFor, temporaryOf } from './launch.js';
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
export function installed(): string | null {
	return find(...SERVER);
}

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

/** Whether somebody is let in there. */
export async function answers(address: DatabaseAddress): Promise<boolean> {
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

/** What makes a server a node of a cluster. */
export interface AsNode {
	/** Told to the server beside what every server of ours is told. */
	options: readonly string[];
	/** It takes its data from another node: nothing is laid out for it. */
	joins: boolean;
	/** Whether it serves already: it answers before that, only to say that it is not ready. */
	serves(address: DatabaseAddress): Promise<boolean>;
}

/**
 * Starts the database of this folder, creating it on the first start and adopting or healing whatever an earlier start left; as a
 * node of a cluster where that is asked.
 */
export async function startDatabase(
	folder: string,
	firstPort = 3317,
	node: AsNode | null = null
): Promise<PrivateDatabase> {
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
		if ((await answers(found(left, false).address)) && (await answers(found(left, false).owner))) {
			// Whoever started it may have been broken off before it could say that it is laid out.
			markCreated(folder);
			return found(left, false);
		}
	if (left) await stopPid(left);

	const user = prepare(folder);
	access.port = await freePort(access.port || firstPort);
	keepAccess(folder, access);
	if (node?.joins) openFolder(join(folder, 'mariadb'), user);
	else if (!isCreated(folder)) await create(folder, user);
	const accounts = join(temporaryOf(folder), 'accounts.sql');
	// Accounts are a node's own: each makes the same ones for itself.
	writeFileSync(accounts, (node ? 'SET SESSION wsrep_on = OFF;\n' : '') + accountsSql(access), {
		mode: 0o600
	});
	closeTo(user, accounts);
	rmSync(socketFor(folder), { force: true });
	const child = launch(program, { folder, port: access.port, accounts, user, more: node?.options });
	const serves = node ? node.serves : answers;
	let ended = false;
	let how: number | null = null;
	child.once('exit', (code) => {
		ended = true;
		how = code;
	});
	const database = found(child.pid!, true);
	try {
		await until(
			async () => ended || (await serves(database.address)),
			'The database did not start.',
			START_WITHIN_MS
		);
	} finally {
		rmSync(accounts, { force: true });
	}
	if (ended) throw new Error(`The database ended at once (${how}). See ${join(folder, 'mariadb.err')}.`);
	markCreated(folder);
	// Some of its files are made more open than it is told to.
	for (const name of ['mariadb', 'mariadb.err', 'mariadb.pid', 'created']) closeTo(null, join(folder, name));
	return database;
}

/** Folders for the database alone, and whom it runs as. */
function prepare(folder: string): SystemUser | null {
	for (const f of [folder, temporaryOf(folder), filesOf(folder)]) openFolder(f, null);
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

/** A folder that is there, for its owner alone. */
function openFolder(path: string, user: SystemUser | null): void {
	mkdirSync(path, { recursive: true, mode: 0o700 });
	chmodSync(path, 0o700);
	if (user) chownSync(path, user.uid, user.gid);
}

/** Lays out an empty database; it is not started for it, so nobody can reach it meanwhile. */
async function create(folder: string, user: SystemUser | null): Promise<void> {
	const data = join(folder, 'mariadb');
	if (holdsTables(folder))
		throw new Error(`${data} holds a shop and is never laid out anew. Look at it with ./uncinus doctor.`);
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
