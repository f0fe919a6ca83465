import mysql, { type Pool, type PoolConnection, type ResultSetHeader } from 'mysql2/promise';

/** Where the database is; set by the command that starts the application. */
export interface DatabaseAddress {
	host: string;
	port: number;
	user: string;
	password: string;
	database: string;
}

export function addressFromEnvironment(): DatabaseAddress {
	const env = process.env;
	return {
		host: env.UNCINUS_DB_HOST ?? '127.0.0.1',
		port: Number(env.UNCINUS_DB_PORT ?? 3306),
		user: env.UNCINUS_DB_USER ?? 'uncinus',
		password: env.UNCINUS_DB_PASSWORD ?? '',
		database: env.UNCINUS_DB_NAME ?? 'uncinus'
	};
}

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
	'ER_CONNECTION_KILLED'
]);
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
/** Two people at once: worth one more try. */
const RETRY = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT']);
/** What a failed statement means for whoever asked: the database is away or cannot keep anything; anything else is what it is. */
export function meantBy(e: unknown): unknown {
	const code = codeOf(e);
	if (CANNOT_KEEP.has(code)) return new DatabaseDown(e, FULL, 'cannot-keep');
	return GONE.has(code) ? new DatabaseDown(e) : e;
}
const codeOf = (e: unknown): string => String((e as { code?: unknown } | null)?.code ?? '');

let pool: Pool | undefined;
export function database(): Pool {
	pool ??= mysql.createPool({
		...addressFromEnvironment(),
		connectionLimit: Number(process.env.UNCINUS_DB_CONNECTIONS) || 16,
		timezone: 'Z',
		charset: 'utf8mb4',
		dateStrings: ['DATE'],
		jsonStrings: true,
		connectTimeout: 5000,
		enableKeepAlive: true,
		namedPlaceholders: false
	});
	return pool;
}
export async function closeDatabase(): Promise<void> {
	await pool?.end();
	pool = undefined;
}

export type Value = string | number | boolean | null | Date | Uint8Array;
/** As many places as there are values. @example places([7, 8]) // "?,?" */
export const places = (list: readonly unknown[]): string => list.map(() => '?').join(',');
export type Runner = Pick<Pool | PoolConnection, 'execute' | 'query'>;

async function guarded<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (e) {
		throw meantBy(e);
	}
}

/** Rows of a query with placeholders. @throws DatabaseDown */
export async function rows<T>(sql: string, values: Value[] = [], on: Runner = database()): Promise<T[]> {
	return guarded(async () => (await on.execute(sql, values))[0] as T[]);
}
/** As `rows`, for long lists of values that would be too many for a prepared statement. @throws DatabaseDown */
export async function queryRows<T>(sql: string, values: Value[] = [], on: Runner = database()): Promise<T[]> {
	return guarded(async () => (await on.query(sql, values))[0] as T[]);
}
export async function row<T>(sql: string, values: Value[] = [], on?: Runner): Promise<T | undefined> {
	return (await rows<T>(sql, values, on))[0];
}
export async function write(
	sql: string,
	values: Value[] = [],
	on: Runner = database()
): Promise<ResultSetHeader> {
	return guarded(async () => (await on.execute<ResultSetHeader>(sql, values))[0]);
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

/** Runs the work in one transaction; rolls back on any error and tries a lost lock race once more. @throws DatabaseDown */
export async function transaction<T>(work: (on: PoolConnection) => Promise<T>, triesLeft = 2): Promise<T> {
	const connection = await guarded(() => database().getConnection());
	try {
		if (clock) await connection.query('SET timestamp = ?', [clock() / 1000]);
		// Every read sees what is committed now: after waiting for a lock nobody decides on what was true before it.
		await connection.query('SET TRANSACTION ISOLATION LEVEL READ COMMITTED');
		await connection.beginTransaction();
		const result = await work(connection);
		await connection.commit();
		return result;
	} catch (e) {
		await connection.rollback().catch(() => undefined);
		if (RETRY.has(codeOf(e)) && triesLeft > 0) return transaction(work, triesLeft - 1);
		throw meantBy(e);
	} finally {
		if (clock) await connection.query('SET timestamp = DEFAULT').catch(() => undefined);
		connection.release();
	}
}

/** Whether a write failed because something of that name or number is there already. */
export const isDuplicate = (e: unknown): boolean =>
	e instanceof Error && 'code' in e && e.code === 'ER_DUP_ENTRY';
