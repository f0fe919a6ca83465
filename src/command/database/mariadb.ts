import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import type { DatabaseAddress } from '../../lib/server/storage/pool.js';
import { alive, find, freePort, installPackages, say, until } from '../system.js';
import { type Access, accessOf, keepAccess, newAccess } from './access.js';
import { APP, OWNER, accountsSql } from './accounts.js';
import { isCreated, markCreated } from './folder.js';
import { create, openFolder, prepare, removeBrokenOff } from './lay-out.js';
import { launch, socketFor, temporaryOf } from './launch.js';
import { refuseWithoutRoom } from './room.js';
import { type SystemUser, closeTo } from './system-user.js';

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
		const connection = await mysql.createConnection({ ...address, connectTimeout: 2000 });
		await connection.end();
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
	else if (!isCreated(folder)) {
		refuseWithoutRoom(folder);
		await create(folder, user);
	} else removeBrokenOff(folder);
	for (let tries = 1; ; tries++) {
		const served = await serve(program, folder, access, user, node, found);
		if (!('ended' in served)) return served;
		// Another start may have taken the port between the question and the answer.
		const free = await freePort(access.port);
		if (free === access.port || tries >= MAX_PORTS)
			throw new Error(`The database ended at once (${served.ended}). See ${join(folder, 'mariadb.err')}.`);
		access.port = free;
		keepAccess(folder, access);
	}
}
/** As many starts at the same moment find a port each. */
const MAX_PORTS = 5;

/** One try to serve a laid out folder at the port of its access. */
async function serve(
	program: string,
	folder: string,
	access: Access,
	user: SystemUser | null,
	node: AsNode | null,
	found: (pid: number, started: boolean) => PrivateDatabase
): Promise<PrivateDatabase | { ended: number | null }> {
	const accounts = join(temporaryOf(folder), 'accounts.sql');
	// Accounts are a node's own: each makes the same ones for itself.
	writeFileSync(accounts, (node ? 'SET SESSION wsrep_on = OFF;\n' : '') + accountsSql(access), {
		mode: 0o600
	});
	closeTo(user, accounts);
	rmSync(socketFor(folder), { force: true });
	const child = launch(program, { folder, port: access.port, accounts, user, more: node?.options });
	const serves = node ? node.serves : answers;
	launched.add(child.pid!);
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
	if (ended) return { ended: how };
	markCreated(folder);
	// Some of its files are made more open than it is told to.
	for (const name of ['mariadb', 'mariadb.err', 'mariadb.pid', 'created']) closeTo(null, join(folder, name));
	return database;
}

/** Asks the server to stop and waits until it has written everything. */
export async function stopPid(pid: number): Promise<void> {
	if (!alive(pid)) return;
	process.kill(pid, 'SIGTERM');
	await until(() => !alive(pid), 'The database did not stop in time.', 60_000).catch((error: Error) => {
		say(error.message);
		process.kill(pid, 'SIGKILL');
	});
}

/** Servers that this process started, from their first moment on: also one that does not answer yet. */
const launched = new Set<number>();
/** Stops every server that this process started. */
export async function stopLaunched(): Promise<void> {
	for (const pid of launched) await stopPid(pid);
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
