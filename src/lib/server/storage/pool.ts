import type { Pool, PoolConnection, ResultSetHeader } from 'mysql2/promise';
import { READ_S, WRITE_S, askOn, connectionOf } from './deadline.js';
import { Hosts, addressFromEnvironment } from './hosts.js';

export { addressFromEnvironment, type DatabaseAddress } from './hosts.js';

const DOWN = 'The database does not answer. What you typed is kept; try again in a moment.';
const FULL =
	'The disk of the server is full or can only be read, so nothing can be kept there. What you typed is kept here; tell whoever looks after the server.';

/** The database does not answer, or cannot keep anything. The page says so in words and keeps what was typed. */
export class DatabaseDown extends Error {
	constructor(
		cause: unknown,
		says: string = DOWN,
		readonly code: 'database-down' | 'cannot-keep' = 'database-down'
	) {
		super(says, { cause });
		this.name = 'DatabaseDown';
	}
}

const GONE = new Set([
	'ECONNREFUSED',
	'ECONNRESET',
	'EPIPE',
	'ETIMEDOUT',
	'ENOENT',
	'PROTOCOL_CONNECTION_LOST',
	'ER_SERVER_SHUTDOWN',
	'ER_CON_COUNT_ERROR',
	'PROTOCOL_ENQUEUE_AFTER_FATAL_ERROR',
	'PROTOCOL_ENQUEUE_AFTER_QUIT',
	'PROTOCOL_PACKETS_OUT_OF_ORDER',
	'ER_CONNECTION_KILLED',
	// It takes connections and does not answer.
	'LATE'
]);
/** A node of a cluster that is not in the majority, is not ready yet, or lost the others in the middle: it carries nothing out. */
const NOT_OF_THE_CLUSTER = new Set(['ER_UNKNOWN_COM_ERROR', 'ER_ERROR_DURING_COMMIT']);
/** Nothing was carried out, as nothing was asked: another node may be asked instead. */
const NEVER_ASKED = new Set(['ECONNREFUSED', 'ENOENT', 'ER_CON_COUNT_ERROR', 'ER_UNKNOWN_COM_ERROR']);
/** No room, or a disk that went over to reading only. */
const CANNOT_KEEP = new Set([
	'ER_DISK_FULL',
	'ER_RECORD_FILE_FULL',
	'ER_TEMP_FILE_WRITE_FAILURE',
	'ER_ERROR_ON_WRITE',
	'ER_OPTION_PREVENTS_STATEMENT',
	'ER_OPEN_AS_READONLY',
	'ER_READ_ONLY_MODE',
	'ER_INNODB_READ_ONLY',
	'ER_CANT_CREATE_FILE'
]);
/** Two people at once: how often the work is tried. Nodes of a cluster find out at the commit that another one was first, so one may lose several times; who waited long for a lock does not wait that often again. */
const TRIES: Readonly<Record<string, number>> = { ER_LOCK_DEADLOCK: 6, ER_LOCK_WAIT_TIMEOUT: 2 };
/** What a failed statement means for whoever asked: the database is away or cannot keep anything; anything else is what it is. */
export function meantBy(e: unknown): unknown {
	const code = codeOf(e);
	if (CANNOT_KEEP.has(code)) return new DatabaseDown(e, FULL, 'cannot-keep');
	return isAway(code) ? new DatabaseDown(e) : e;
}
const isAway = (code: string): boolean => GONE.has(code) || NOT_OF_THE_CLUSTER.has(code);
const codeOf = (e: unknown): string => String((e as { code?: unknown } | null)?.code ?? '');

let hosts: Hosts | undefined;
const allHosts = (): Hosts => (hosts ??= new Hosts(addressFromEnvironment()));
/** The pool of the node in use. */
export const database = (): Pool => allHosts().current();
export async function closeDatabase(): Promise<void> {
	await hosts?.end();
	hosts = undefined;
}

export type Value = string | number | boolean | null | Date | Uint8Array;
/** As many places as there are values. @example places([7, 8]) // "?,?" */
export const places = (list: readonly unknown[]): string => list.map(() => '?').join(',');
export type Runner = Pick<Pool | PoolConnection, 'execute' | 'query'>;

async function guarded<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (error) {
		throw meantBy(error);
	}
}

/**
 * Asks the node in use, and where it is away each other one once: what was only read may be asked again, anything else only where it
 * cannot have been carried out.
 */
async function anywhere<T>(work: (on: Pool) => Promise<T>, again: 'read' | 'never asked'): Promise<T> {
	for (let left = allHosts().count - 1; ; left--) {
		const pool = database();
		try {
			return await work(pool);
		} catch (error) {
			const code = codeOf(error);
			if (isAway(code)) allHosts().leave(pool);
			if (left > 0 && isAway(code) && (again === 'read' || NEVER_ASKED.has(code))) continue;
			throw meantBy(error);
		}
	}
}

/** Asks on the connection given, or on one of the pool for as long as it takes. */
async function onOne<T>(on: Pool | Runner, seconds: number, work: (on: Runner) => Promise<T>): Promise<T> {
	if (!('getConnection' in on)) return askOn(on as PoolConnection, seconds, work(on));
	const connection = await connectionOf(on);
	try {
		return await askOn(connection, seconds, work(connection));
	} finally {
		connection.release();
	}
}
const secondsFor = (sql: string): number => (LOCKS.test(sql) ? WRITE_S : READ_S);

/** After waiting for a lock more may be true than before. */
const LOCKS = /FOR UPDATE|IN SHARE MODE/;

/** Rows of a query with placeholders. @throws DatabaseDown */
export async function rows<T>(sql: string, values: Value[] = [], on?: Runner): Promise<T[]> {
	const ask = (from: Pool | Runner) =>
		onOne(from, secondsFor(sql), async (c) => (await c.execute(sql, values))[0] as T[]);
	return on ? guarded(() => ask(on)) : anywhere(ask, 'read');
}
/** As `rows`, for long lists of values that would be too many for a prepared statement. @throws DatabaseDown */
export async function queryRows<T>(sql: string, values: Value[] = [], on?: Runner): Promise<T[]> {
	const ask = (from: Pool | Runner) =>
		onOne(from, secondsFor(sql), async (c) => (await c.query(sql, values))[0] as T[]);
	return on ? guarded(() => ask(on)) : anywhere(ask, 'read');
}
export async function row<T>(sql: string, values: Value[] = [], on?: Runner): Promise<T | undefined> {
	return (await rows<T>(sql, values, on))[0];
}
export async function write(sql: string, values: Value[] = [], on?: Runner): Promise<ResultSetHeader> {
	const ask = (from: Pool | Runner) =>
		onOne(from, WRITE_S, async (c) => (await c.execute<ResultSetHeader>(sql, values))[0]);
	return on ? guarded(() => ask(on)) : anywhere(ask, 'never asked');
}

let clock: (() => number) | null = null;
/** Lets what is written carry another time, for demo data and for tests of timers; null goes back to the database's own clock. */
export function setClock(nowMs: (() => number) | null): void {
	clock = nowMs;
}

/** How far the server's clock is put ahead, so that a test of a long timer need not wait for it. */
export const clockAheadMs = (): number => 1000 * (Number(process.env.UNCINUS_CLOCK_AHEAD_S) || 0);

/** The server's time, in ms: its own clock, put ahead or set. */
export const serverNowMs = (): number => (clock?.() ?? Date.now()) + clockAheadMs();

/** Somewhat apart, so that two who met do not meet again. */
const apart = (tries: number): Promise<void> =>
	new Promise((r) => setTimeout(r, tries * (5 + 20 * Math.random())));

/**
 * Runs the work in one transaction; rolls back on any error and tries a lost race again, whether it was lost for a lock or, on a
 * cluster, at the commit.
 * @throws DatabaseDown
 */
export async function transaction<T>(work: (on: PoolConnection) => Promise<T>, tries = 1): Promise<T> {
	const { pool, connection } = await anywhere(
		async (pool) => ({ pool, connection: await connectionOf(pool) }),
		'read'
	);
	try {
		if (clock) await connection.query('SET timestamp = ?', [clock() / 1000]);
		await askOn(connection, WRITE_S, connection.beginTransaction());
		const result = await work(connection);
		await askOn(connection, WRITE_S, connection.commit());
		return result;
	} catch (error) {
		await askOn(connection, WRITE_S, connection.rollback()).catch(() => undefined);
		const code = codeOf(error instanceof DatabaseDown ? error.cause : error);
		if (isAway(code)) allHosts().leave(pool);
		if (tries >= (TRIES[code] ?? 1)) throw meantBy(error);
	} finally {
		if (clock) await connection.query('SET timestamp = DEFAULT').catch(() => undefined);
		connection.release();
	}
	await apart(tries);
	return transaction(work, tries + 1);
}

/** Whether a write failed because something of that name or number is there already. */
export const isDuplicate = (e: unknown): boolean =>
	e instanceof Error && 'code' in e && e.code === 'ER_DUP_ENTRY';
