import type { ChildProcess } from 'node:child_process';
import { chmodSync, mkdirSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { DatabaseAddress } from '../../src/lib/server/storage/pool.js';
import { endChild, startApplication } from '../../src/command/application.js';
import { accessOf, keepAccess, newAccess } from '../../src/command/database/access.js';
import { type PrivateDatabase, stopPid } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { alive, freePort, until } from '../../src/command/system.js';
import { type NodePlace, mostAdvanced, startNode } from './node.js';

const NODES = 3;
const FIRST_PORT = 3617;
const APPLICATIONS = 2;

/** Places of all nodes below a folder, with one set of passwords: a copy of one node serves as another. */
async function placesIn(folder: string, firstPort: number): Promise<NodePlace[]> {
	const places: NodePlace[] = [];
	let next = firstPort;
	const port = async () => (next = await freePort(next + 1));
	let access = newAccess();
	for (let i = 0; i < NODES; i++) {
		const own = join(folder, `node${i + 1}`);
		mkdirSync(own, { recursive: true, mode: 0o700 });
		const ports = { sql: await port(), group: await port(), missed: await port(), copy: await port() };
		access = { ...(accessOf(join(folder, 'node1')) ?? access), port: ports.sql };
		keepAccess(own, access);
		places.push({ name: `node${i + 1}`, folder: own, ports });
	}
	return places;
}

/** At once; what helps a node may have ended by itself a moment before. */
function killed(pid: number): void {
	try {
		process.kill(pid, 'SIGKILL');
	} catch (error) {
		if ((error as NodeJS.ErrnoException).code !== 'ESRCH') throw error;
	}
}

/** The server of a folder and what it has started; only what was told so, where something is asked for. */
function workingOn(folder: string, told = ''): number[] {
	const about = (pid: string): string => {
		try {
			return readFileSync(`/proc/${pid}/cmdline`, 'utf8');
		} catch {
			return '';
		}
	};
	return readdirSync('/proc')
		.filter(
			(pid) =>
				/^\d+$/.test(pid) && about(pid).includes(`=${join(folder, 'mariadb')}`) && about(pid).includes(told)
		)
		.map(Number);
}

/** Three nodes that keep the same and two applications on them, all on loopback of one machine. */
export class Cluster {
	private constructor(
		readonly folder: string,
		readonly places: readonly NodePlace[],
		readonly nodes: PrivateDatabase[],
		readonly applications: ChildProcess[],
		readonly ports: readonly number[],
		private readonly origin?: string
	) {}

	/**
	 * The node that has most begins, the tables and the demo shop (whole, or without its setups) are made there once, the others take
	 * from it what they lack. `origin` is the address people type where that is not the application's own.
	 */
	static async start(folder: string, o: { withSetups: boolean; origin?: string }): Promise<Cluster> {
		mkdirSync(folder, { recursive: true });
		// The user of the nodes has to get through to their own folders, and sees nothing on the way.
		chmodSync(folder, 0o711);
		const places = await placesIn(folder, FIRST_PORT);
		const begins = await mostAdvanced(places);
		const first = await startNode(places[begins]!, places, true);
		const nodes: PrivateDatabase[] = [];
		nodes[begins] = first;
		const ports: number[] = [];
		const cluster = new Cluster(folder, places, nodes, [], ports, o.origin);
		try {
			await shopOn(first, true, o.withSetups);
			for (const [i, place] of places.entries()) if (i !== begins) nodes[i] = await startNode(place, places);
			for (let i = 0; i < APPLICATIONS; i++) {
				ports.push(await freePort((ports.at(-1) ?? FIRST_PORT + 1000) + 1));
				await cluster.startApplication(i);
			}
			return cluster;
		} catch (error) {
			await cluster.end();
			throw error;
		}
	}

	/** All nodes as an application is told them: each application prefers another one. */
	addressFor(application: number): DatabaseAddress {
		const ordered = this.places.map((_, i) => this.places[(i + application) % NODES]!);
		return {
			...this.nodes[0]!.address,
			host: ordered.map((p) => `127.0.0.1:${p.ports.sql}`).join(',')
		};
	}
	async startApplication(i: number, more: NodeJS.ProcessEnv = {}): Promise<void> {
		this.applications[i] = await startApplication(this.addressFor(i), this.ports[i]!, true, true, {
			...(this.origin ? { ORIGIN: this.origin, ADDRESS_HEADER: 'X-Forwarded-For', XFF_DEPTH: '1' } : {}),
			...more
		});
	}
	/** Ends a node at once, as a cut power does. */
	async kill(i: number): Promise<void> {
		// Whoever was giving or taking a copy for it ends with it.
		const all = workingOn(this.places[i]!.folder);
		for (const pid of all) killed(pid);
		await until(() => !all.some(alive), 'A killed node did not end.');
	}
	async killApplication(i: number): Promise<void> {
		const { pid } = this.applications[i]!;
		process.kill(pid!, 'SIGKILL');
		await until(() => !alive(pid!), 'A killed application did not end.');
	}
	/** Which node gives another one its whole copy at this moment, -1 when none does: it runs a program of its own for that. */
	giving(): number {
		return this.places.findIndex((place) => workingOn(place.folder, 'donor').length > 0);
	}
	/** Starts a node again; it takes what it missed, or everything, from another. */
	async startAgain(i: number): Promise<void> {
		this.nodes[i] = await startNode(this.places[i]!, this.places);
	}
	/** Throws away what a node has kept, as a broken disk does: it has to take a whole copy. */
	forget(i: number): void {
		rmSync(join(this.places[i]!.folder, 'mariadb'), { recursive: true, force: true });
	}
	async end(): Promise<void> {
		for (const child of this.applications) await endChild(child);
		// The last one to stop is the one with everything.
		for (const node of [...this.nodes].reverse()) if (node) await stopPid(node.pid);
		// One that was still coming up when a trial failed.
		for (const { folder } of this.places) for (const pid of workingOn(folder)) await stopPid(pid);
	}
}
