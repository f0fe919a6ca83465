import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { endChild, startApplication } from '../../src/command/application.js';
import { startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { freePort } from '../../src/command/system.js';

export const FIRST_CODE = '40718263';

/** A shop with nothing in it and nobody, on a database of its own. */
export class EmptyShop {
	private app: Awaited<ReturnType<typeof startApplication>> | null = null;
	private constructor(
		private readonly folder: string,
		private readonly address: Awaited<ReturnType<typeof startDatabase>>['address'],
		readonly port: number
	) {}
	static async open(): Promise<EmptyShop> {
		const folder = mkdtempSync(join(tmpdir(), 'uncinus-empty-'));
		// Making it ready leaves this process with its account; the others' goes on afterwards.
		const env = { ...process.env };
		const db = await startDatabase(folder, await freePort(4517));
		await shopOn(db, false);
		Object.assign(process.env, env);
		const shop = new EmptyShop(folder, db.address, await freePort(4873));
		await shop.start(0);
		return shop;
	}
	get base(): string {
		return `http://127.0.0.1:${this.port}`;
	}
	private async start(aheadS: number): Promise<void> {
		this.app = await startApplication(this.address, this.port, false, true, {
			UNCINUS_FIRST_CODE: FIRST_CODE,
			UNCINUS_CLOCK_AHEAD_S: String(aheadS)
		});
	}
	/** The server's clock is put ahead, so that a long timer has run out. */
	async ahead(seconds: number): Promise<void> {
		await endChild(this.app!);
		await this.start(seconds);
	}
	async close(): Promise<void> {
		if (this.app) await endChild(this.app);
		await stopDatabase(this.folder);
		rmSync(this.folder, { recursive: true, force: true });
	}
}
