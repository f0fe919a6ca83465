import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endChild, startApplication } from './application.js';
import { type PrivateDatabase, startDatabase, stopDatabase } from './database/mariadb.js';
import { shopOn } from './database/shop-on.js';
import { alive, freePort, until } from './system.js';

/** What came of a trial: nothing acknowledged may be lost, nothing may be there twice. */
export interface Trial {
	kills: number;
	acknowledged: number;
	lost: number;
	doubled: number;
	/** From each kill to the next record that was acknowledged. */
	recoveryMs: number[];
}
const CLIENTS = 8;
const BETWEEN_MS = 400;
const KINDS = ['database', 'application', 'both'] as const;
const pause = (ms: number): Promise<void> => new Promise((r) => setTimeout(r, ms));

/** One shop with its database and its application, each of which may be killed and started again. */
class Ground {
	private constructor(
		private readonly folder: string,
		private database: PrivateDatabase,
		private app: ChildProcess,
		readonly port: number
	) {}
	static async make(): Promise<Ground> {
		const folder = mkdtempSync(join(tmpdir(), 'uncinus-kills-'));
		const database = await startDatabase(folder, await freePort(3917));
		await shopOn(database, true);
		const port = await freePort(4673);
		return new Ground(folder, database, await startApplication(database.address, port, true, true), port);
	}
	async kill(what: (typeof KINDS)[number]): Promise<void> {
		const pids = [
			...(what === 'application' ? [] : [this.database.pid]),
			...(what === 'database' ? [] : [this.app.pid!])
		];
		for (const pid of pids) process.kill(pid, 'SIGKILL');
		await until(() => !pids.some(alive), 'A killed process did not end.');
		if (what !== 'application') this.database = await startDatabase(this.folder);
		if (what !== 'database') this.app = await startApplication(this.database.address, this.port, true, true);
	}
	async end(): Promise<void> {
		await endChild(this.app);
		await stopDatabase(this.folder);
		rmSync(this.folder, { recursive: true, force: true });
	}
}

/** Somebody who records one thing after the other, each until it is acknowledged, with the same key every time. */
async function client(
	base: string,
	cookie: string,
	over: () => boolean,
	took: (key: string) => void
): Promise<void> {
	while (!over()) {
		const key = randomUUID();
		const body = JSON.stringify({
			key,
			values: {
				part: 'Kill trial',
				quantity: 1,
				material: 'steel-hardened',
				hardnessHrc: 60,
				operation: 'surface',
				targetRaUm: 0.6,
				machineId: 1
			}
		});
		for (;;) {
			const r = await fetch(`${base}/api/setups`, {
				method: 'POST',
				headers: { 'content-type': 'application/json', cookie },
				body,
				signal: AbortSignal.timeout(10_000)
			}).catch(() => null);
			if (r?.ok && typeof ((await r.json().catch(() => null)) as { id?: unknown } | null)?.id === 'number') {
				took(key);
				break;
			}
			await pause(40);
		}
	}
}

/** Kills database, application or both so many times while eight people record, and counts what is there afterwards. */
export async function killTrial(kills: number): Promise<Trial> {
	const { closeDatabase, row, rows } = await import('../lib/server/db/pool.js');
	const { openSession } = await import('../lib/server/people/sessions.js');
	const ground = await Ground.make();
	try {
		const who = (await row<{ id: number }>("SELECT id FROM users WHERE name = 'Ines Falk'"))!;
		const cookies = await Promise.all(Array.from({ length: CLIENTS }, () => openSession(who.id)));
		await closeDatabase();
		const acknowledged: string[] = [];
		let over = false;
		let next: (() => void) | null = null;
		const clients = cookies.map((token) =>
			client(
				`http://127.0.0.1:${ground.port}`,
				`uncinus=${token}`,
				() => over,
				(key) => {
					acknowledged.push(key);
					next?.();
				}
			)
		);
		const recoveryMs: number[] = [];
		for (let i = 0; i < kills; i++) {
			await pause(BETWEEN_MS);
			const begun = performance.now();
			await ground.kill(KINDS[i % KINDS.length]!);
			await new Promise<void>((r) => {
				next = r;
			});
			next = null;
			recoveryMs.push(performance.now() - begun);
		}
		over = true;
		await Promise.all(clients);
		const kept = await rows<{ k: string; n: number }>(
			"SELECT r.request_key AS k, COUNT(DISTINCT r.setup_id) AS n FROM records r JOIN setups s ON s.id = r.setup_id WHERE s.part = 'Kill trial' GROUP BY r.request_key"
		);
		const setups = await row<{ n: number }>("SELECT COUNT(*) AS n FROM setups WHERE part = 'Kill trial'");
		const there = new Set(kept.map((r) => r.k));
		return {
			kills,
			acknowledged: acknowledged.length,
			lost: acknowledged.filter((k) => !there.has(k)).length,
			doubled:
				kept.filter((r) => Number(r.n) > 1).length + Math.max(0, Number(setups!.n) - acknowledged.length),
			recoveryMs
		};
	} finally {
		await closeDatabase();
		await ground.end();
	}
}
