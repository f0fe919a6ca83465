import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endChild, startApplication } from '../../src/command/application.js';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { copyTemplate } from '../../src/command/database/template.js';
import { Recording, type Tally, pause } from './recording.js';
import { alive, freePort, until } from '../../src/command/system.js';

/** What came of a trial. */
export interface Trial extends Tally {
	kills: number;
	/** From each kill to the next record that was acknowledged. */
	recoveryMs: number[];
}
const BETWEEN_MS = 400;
const KINDS = ['database', 'application', 'both'] as const;

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
		copyTemplate(folder);
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

/** Kills database, application or both so many times while eight people record, and counts what is there afterwards. */
export async function killTrial(kills: number): Promise<Trial> {
	const { closeDatabase } = await import('../../src/lib/server/storage/pool.js');
	const ground = await Ground.make();
	let stop = (): void => undefined;
	try {
		const eight = await Recording.begin([`http://127.0.0.1:${ground.port}`]);
		stop = () => eight.stop();
		const recoveryMs: number[] = [];
		for (let i = 0; i < kills; i++) {
			await pause(BETWEEN_MS);
			const begun = performance.now();
			await ground.kill(KINDS[i % KINDS.length]!);
			await eight.next();
			recoveryMs.push(performance.now() - begun);
		}
		return { kills, ...(await eight.end()), recoveryMs };
	} finally {
		// Where it failed nobody goes on trying.
		stop();
		await closeDatabase();
		await ground.end();
	}
}
