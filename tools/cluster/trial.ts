import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import { databaseEnvironment } from '../../src/command/database/mariadb.js';
import { Recording, TRIAL_JOB, type Tally, send } from '../trial/recording.js';
import { until } from '../../src/command/system.js';
import { Cluster } from './cluster.js';
import { inStep, statusOf } from './node.js';

/** What was killed, and how long the one who waited longest for a record waited then. */
interface Blow {
	what: string;
	longestWaitMs: number;
}
export interface ClusterTrial extends Tally {
	blows: Blow[];
	/** Pairs of people who recorded on one setup at the same moment through different applications, and how many of them both won or both lost. */
	pairs: number;
	notOneOfThem: number;
	/** Of each node at the end: records, setups, triggers, and whether it refuses to change a record. */
	nodes: { records: number; setups: number; triggers: number; evidenceStays: boolean }[];
}
const PAIRS = 6;
const WHEEL = {
	marking: 'WA 60 H 8 V',
	newDiameterMm: 300,
	diameterMm: 299,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.66,
	ratedMps: 40,
	place: 'trial'
};

/** Two people on one setup through two applications, each taking another wheel: how many of the two won. */
async function pair(cluster: Cluster, cookies: readonly string[], n: number): Promise<number> {
	const bases = cluster.ports.map((port) => `http://127.0.0.1:${port}`);
	const must = async (path: string, body: object) => {
		const said = await send(bases[0]!, path, cookies[0]!, body);
		if (!said) throw new Error(`${path} was refused.`);
		return said;
	};
	const wheels = [`98${n}0`, `98${n}1`];
	for (const number of wheels) await must('/api/wheels', { values: { ...WHEEL, number } });
	const { id } = await must('/api/setups', { key: randomUUID(), values: { ...TRIAL_JOB, part: 'Pair' } });
	const said = await Promise.all(
		wheels.map((wheelNumber, i) =>
			send(bases[i]!, `/api/setups/${id}/records`, cookies[i]!, {
				station: 'select',
				step: 'take',
				values: { wheelNumber },
				version: 1,
				key: randomUUID(),
				reason: 'Two at once'
			})
		)
	);
	return said.filter(Boolean).length;
}

async function counts(cluster: Cluster, i: number): Promise<ClusterTrial['nodes'][number]> {
	const connection = await mysql.createConnection(cluster.nodes[i]!.owner);
	try {
		const one = async (sql: string) => Number((await connection.query<RowDataPacket[]>(sql))[0][0]!.n);
		return {
			records: await one('SELECT COUNT(*) AS n FROM records'),
			setups: await one('SELECT COUNT(*) AS n FROM setups'),
			triggers: await one(
				"SELECT COUNT(*) AS n FROM information_schema.triggers WHERE trigger_schema = 'uncinus'"
			),
			evidenceStays: await connection.query('UPDATE records SET id = id').then(
				() => false,
				(error: Error) => error.message.startsWith('Records are evidence')
			)
		};
	} finally {
		await connection.end();
	}
}

/**
 * Eight people record through both applications while a node, then an application, then the node that gives another one its copy is
 * killed; pairs meet on one setup before and after. What was killed comes back and has to catch up.
 */
export async function clusterTrial(told: (what: string) => void = () => undefined): Promise<ClusterTrial> {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-cluster-'));
	const { closeDatabase } = await import('../../src/lib/server/storage/pool.js');
	let stop = (): void => undefined;
	const cluster = await Cluster.start(folder, { withSetups: false });
	try {
		told('three nodes and two applications serve');
		Object.assign(process.env, databaseEnvironment(cluster.addressFor(0)));
		const cookies = await twoPeople();
		const won: number[] = [];
		for (let n = 0; n < PAIRS / 2; n++) won.push(await pair(cluster, cookies, n));
		const eight = await Recording.begin(cluster.ports.map((port) => `http://127.0.0.1:${port}`));
		stop = () => eight.stop();
		const blows: Blow[] = [];
		const blow = async (what: string, kill: () => Promise<void>, before?: () => Promise<void>) => {
			// Whoever waited because of the last one is served first.
			await eight.longestWaitSince(performance.now());
			await before?.();
			const begun = performance.now();
			await kill();
			blows.push({ what, longestWaitMs: await eight.longestWaitSince(begun) });
			told(`${what} killed: nobody waited longer than ${(blows.at(-1)!.longestWaitMs / 1000).toFixed(1)} s`);
		};
		await blow('a node', () => cluster.kill(1));
		await cluster.startAgain(1);
		told('the node has caught up');
		await blow('an application', () => cluster.killApplication(0));
		await cluster.startApplication(0);
		// A node that lost its disk asks for everything; whoever gives it is killed meanwhile.
		await cluster.kill(2);
		cluster.forget(2);
		let donor = -1;
		let returning: Promise<unknown> = Promise.resolve();
		await blow(
			'the donor',
			() => cluster.kill(donor),
			async () => {
				returning = cluster.startAgain(2).catch(() => null);
				await until(() => (donor = cluster.giving()) >= 0, 'No node gave a copy.', 60_000);
			}
		);
		await returning;
		await cluster.startAgain(donor);
		if (!inStep(await statusOf(cluster.nodes[2]!.owner))) await cluster.startAgain(2);
		told('all nodes are there again');
		const tally = await eight.end();
		for (let n = PAIRS / 2; n < PAIRS; n++) won.push(await pair(cluster, cookies, n));
		const nodes = [];
		for (let i = 0; i < cluster.nodes.length; i++) nodes.push(await counts(cluster, i));
		return { ...tally, blows, pairs: won.length, notOneOfThem: won.filter((n) => n !== 1).length, nodes };
	} finally {
		// Where it failed nobody goes on trying.
		stop();
		await closeDatabase();
		await cluster.end();
		rmSync(folder, { recursive: true, force: true });
	}
}

/** Sessions of two people who may record. */
async function twoPeople(): Promise<string[]> {
	const { closeDatabase, rows } = await import('../../src/lib/server/storage/pool.js');
	const { openSession } = await import('../../src/lib/server/people/sessions.js');
	const who = await rows<{ id: number }>("SELECT id FROM users WHERE name IN ('Mara Okonjo', 'Ines Falk')");
	const cookies: string[] = [];
	for (const w of who) cookies.push(`uncinus=${await openSession(w.id)}`);
	await closeDatabase();
	return cookies;
}
