import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import type { DatabaseAddress } from '../../src/lib/server/storage/pool.js';
import { accessOf } from '../../src/command/database/access.js';
import { filesOf, runAs, temporaryOf } from '../../src/command/database/launch.js';
import {
	type AsNode,
	type PrivateDatabase,
	installed,
	startDatabase
} from '../../src/command/database/mariadb.js';
import { unprivileged } from '../../src/command/database/system-user.js';
import { find, run } from '../../src/command/system.js';

/** Where a node listens: for applications, for the group, for what it missed, for a whole copy. */
interface NodePorts {
	sql: number;
	group: number;
	missed: number;
	copy: number;
}
/** One server of the cluster, on loopback: a folder and ports of its own. */
export interface NodePlace {
	name: string;
	folder: string;
	ports: NodePorts;
}
const LIBRARY = ['/usr/lib/galera/libgalera_smm.so', '/usr/lib64/galera-4/libgalera_smm.so'];
/** A node that says nothing is put out of the group after 3 s; until then nobody commits. Shorter ones made nodes of a busy machine lose each other. */
const GROUP = [
	'evs.suspect_timeout=PT3S',
	'evs.inactive_timeout=PT9S',
	'repl.causal_read_timeout=PT5S',
	'gcache.size=64M'
];
/** Reads, changes and inserts wait until what was committed before them anywhere is here. */
const WAIT_FOR_ALL = 7;

/** Without these a server is no node. */
const ALWAYS = [
	'--wsrep-on=ON',
	'--wsrep-sst-method=rsync',
	'--binlog-format=ROW',
	'--innodb-autoinc-lock-mode=2'
];

/** @throws Error where the package that joins servers is not installed */
const library = (): string => {
	const found = LIBRARY.find((l) => existsSync(l));
	if (!found) throw new Error('The Debian package galera-4 is missing. Install it and start again.');
	return found;
};

function options(
	place: NodePlace,
	all: readonly NodePlace[],
	begins: boolean,
	position: string | null
): string[] {
	const { ports } = place;
	return [
		...ALWAYS,
		`--wsrep-provider=${library()}`,
		'--wsrep-cluster-name=uncinus',
		`--wsrep-cluster-address=gcomm://${begins ? '' : all.map((n) => `127.0.0.1:${n.ports.group}`).join(',')}`,
		`--wsrep-node-name=${place.name}`,
		`--wsrep-node-address=127.0.0.1:${ports.group}`,
		`--wsrep-provider-options=${[
			...GROUP,
			`gmcast.listen_addr=tcp://127.0.0.1:${ports.group}`,
			`ist.recv_addr=127.0.0.1:${ports.missed}`,
			`ist.recv_bind=127.0.0.1:${ports.missed}`
		].join(';')}`,
		`--wsrep-sst-receive-address=127.0.0.1:${ports.copy}`,
		`--wsrep-sync-wait=${WAIT_FOR_ALL}`,
		// Our own owner makes our triggers, which change rows of our tables only.
		'--log-bin-trust-function-creators=1',
		...(position ? [`--wsrep-start-position=${position}`] : [])
	];
}

/** What a server says of itself, as {name: value}; empty where it does not answer. */
export async function statusOf(address: DatabaseAddress): Promise<Record<string, string>> {
	try {
		const connection = await mysql.createConnection({ ...address, connectTimeout: 2000 });
		try {
			const [found] = await connection.query<RowDataPacket[]>("SHOW GLOBAL STATUS LIKE 'wsrep%'");
			return Object.fromEntries(found.map((r) => [String(r.Variable_name), String(r.Value)]));
		} finally {
			connection.destroy();
		}
	} catch {
		return {};
	}
}
/** In the majority, with everything the others have. */
export const inStep = (s: Record<string, string>): boolean =>
	s.wsrep_ready === 'ON' && s.wsrep_cluster_status === 'Primary' && s.wsrep_local_state_comment === 'Synced';

/** How far a server that was killed had come, from its own log of changes; null where only a whole copy helps. */
async function position(place: NodePlace): Promise<string | null> {
	const data = join(place.folder, 'mariadb');
	if (!existsSync(join(data, 'ibdata1'))) return null;
	const log = join(place.folder, 'recover.err');
	rmSync(log, { force: true });
	await run(
		installed()!,
		[
			'--no-defaults',
			`--datadir=${data}`,
			`--tmpdir=${temporaryOf(place.folder)}`,
			`--secure-file-priv=${filesOf(place.folder)}`,
			`--log-error=${log}`,
			...runAs(unprivileged()),
			...ALWAYS,
			`--wsrep-provider=${library()}`,
			'--wsrep-cluster-address=gcomm://',
			'--wsrep-recover'
		],
		{ quiet: true }
	);
	return /Recovered position:?\s*([0-9a-f-]{36}:-?\d+)/.exec(readFileSync(log, 'utf8'))?.[1] ?? null;
}

const FRESH = 0;
/** Which of these nodes has the last change anybody was told is kept: the first where there is nothing yet. */
export async function mostAdvanced(places: readonly NodePlace[]): Promise<number> {
	const come: number[] = [];
	for (const place of places) come.push(Number((await position(place))?.split(':')[1] ?? FRESH));
	return come.indexOf(Math.max(...come));
}

/** Lets this node begin a cluster although it was not the last one to stop: it has everything, that was looked at. */
function mayBegin(place: NodePlace): void {
	const file = join(place.folder, 'mariadb', 'grastate.dat');
	if (existsSync(file))
		writeFileSync(
			file,
			readFileSync(file, 'utf8').replace(/^safe_to_bootstrap: 0$/m, 'safe_to_bootstrap: 1')
		);
}

/**
 * Starts a node: the one that begins the cluster, or one that joins it and takes what it missed from another. Resolves when it
 * serves.
 * @throws Error in words when it does not come up
 */
export async function startNode(
	place: NodePlace,
	all: readonly NodePlace[],
	begins = false
): Promise<PrivateDatabase> {
	if (!find('/usr/bin/rsync', 'rsync'))
		throw new Error('The Debian package rsync is missing. Install it and start again.');
	if (begins) mayBegin(place);
	const asNode: AsNode = {
		options: options(place, all, begins, await position(place)),
		joins: !begins,
		serves: async (address) => inStep(await statusOf(address))
	};
	return startDatabase(place.folder, accessOf(place.folder)?.port ?? place.ports.sql, asNode);
}
