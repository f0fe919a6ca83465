import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { expect } from 'chai';
import type { Connection, RowDataPacket } from 'mysql2/promise';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { copyTemplate } from '../../src/command/database/template.js';
import { freePort } from '../../src/command/system.js';
import { addressFromEnvironment } from '../../src/lib/server/storage/pool.js';

/** Shops that were moved out of the way of a restore. */
export const keptOf = (folder: string): string[] =>
	readdirSync(dirname(folder))
		.filter((n) => n.startsWith(`${basename(folder)}-before-`))
		.map((n) => join(dirname(folder), n));

/** A demo shop in a folder of its own, which a test may stop, start and restore; removed with all that was kept of it. */
export function shopOfItsOwn(firstPort: number): { folder: string; db: PrivateDatabase } {
	const own = { folder: '', db: undefined as unknown as PrivateDatabase };
	const was = addressFromEnvironment();
	before(async () => {
		own.folder = mkdtempSync(join(tmpdir(), 'uncinus-doors-'));
		copyTemplate(own.folder);
		own.db = await startDatabase(own.folder, await freePort(firstPort));
		const env = { ...process.env };
		await shopOn(own.db, true);
		Object.assign(process.env, env);
	});
	after(async () => {
		await stopDatabase(own.folder);
		for (const f of [own.folder, ...keptOf(own.folder)]) rmSync(f, { recursive: true, force: true });
		expect(addressFromEnvironment()).to.deep.equal(was);
	});
	return own;
}

export const all = async (c: Connection, sql: string): Promise<RowDataPacket[]> =>
	(await c.query<RowDataPacket[]>(sql))[0];
/** What a command that is refused says. */
export const says = async (work: Promise<unknown>): Promise<string> =>
	work.then(
		() => 'It was done.',
		(e: Error) => e.message
	);
