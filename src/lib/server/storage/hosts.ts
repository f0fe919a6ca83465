import mysql, { type Pool } from 'mysql2/promise';

/** Where the database is; set by the command that starts the application. */
export interface DatabaseAddress {
	/** One host, or several nodes of one cluster, each with its port where it has one of its own: `db1,db2:3307`. */
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

/**
 * The nodes named in a host, the one preferred first.
 * @example nodesOf('db1, db2:3307', 3306) // [{ host: 'db1', port: 3306 }, { host: 'db2', port: 3307 }]
 */
export function nodesOf(host: string, port: number): { host: string; port: number }[] {
	return host
		.split(',')
		.map((n) => n.trim())
		.filter(Boolean)
		.map((n) => {
			const own = /^(.*[^:]):(\d+)$/.exec(n);
			return own ? { host: own[1]!, port: Number(own[2]) } : { host: n, port };
		});
}

/** Every read of a transaction sees what is committed now: after waiting for a lock nobody decides on what was true before it. */
const SEES_WHAT_IS_COMMITTED = 'SET SESSION TRANSACTION ISOLATION LEVEL READ COMMITTED';
/** Who waits for somebody else's lock hears of it before their own deadline. */
const WAITS_FOR_A_LOCK = 'SET SESSION innodb_lock_wait_timeout = 4';
/** On a cluster a read, a change and an insert wait until what anybody committed before is at this node too. */
const WAIT_FOR_ALL = 'SET SESSION wsrep_sync_wait = 7';

/** The pools of all nodes, of which one is used until it fails. */
export class Hosts {
	private readonly pools: Pool[];
	private at = 0;
	constructor(address: DatabaseAddress) {
		const nodes = nodesOf(address.host, address.port);
		this.pools = nodes.map((node) => {
			const pool = mysql.createPool({
				...address,
				...node,
				connectionLimit: Number(process.env.UNCINUS_DB_CONNECTIONS) || 16,
				timezone: 'Z',
				charset: 'utf8mb4',
				dateStrings: ['DATE'],
				jsonStrings: true,
				connectTimeout: nodes.length > 1 ? 2000 : 5000,
				enableKeepAlive: true,
				namedPlaceholders: false
			});
			// The first things a connection is told; where it cannot be, what is asked next says why.
			pool.pool.on('connection', (c) => {
				c.query(SEES_WHAT_IS_COMMITTED, () => undefined);
				c.query(WAITS_FOR_A_LOCK, () => undefined);
				if (nodes.length > 1) c.query(WAIT_FOR_ALL, () => undefined);
			});
			return pool;
		});
	}
	get count(): number {
		return this.pools.length;
	}
	current(): Pool {
		return this.pools[this.at]!;
	}
	/** Leaves the node of this pool for the next one, where nobody has left it already. */
	leave(pool: Pool): void {
		if (this.current() === pool) this.at = (this.at + 1) % this.pools.length;
	}
	async end(): Promise<void> {
		await Promise.all(this.pools.map((pool) => pool.end()));
	}
}
