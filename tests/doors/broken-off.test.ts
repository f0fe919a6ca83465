import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { freePort } from '../../src/command/system.js';

describe('a demo shop that was not loaded to its end', () => {
	let folder = '';
	let db: PrivateDatabase;
	const env = { ...process.env };
	before(async () => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-broken-'));
		db = await startDatabase(folder, await freePort(4117));
	});
	after(async () => {
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
	});
	const load = async () => {
		const ready = await shopOn(db, true, false);
		Object.assign(process.env, env);
		return ready.demoLoaded;
	};
	const asOwner = async (sql: string): Promise<RowDataPacket[]> => {
		const { host, port, user, password, database } = db.owner;
		const c = await mysql.createConnection({ host, port, user, password, database });
		try {
			return (await c.query<RowDataPacket[]>(sql))[0];
		} finally {
			await c.end();
		}
	};

	it('is loaded again at the next start, and only then', async () => {
		expect(await load()).to.equal(true);
		expect(await asOwner('SELECT name FROM loading')).to.deep.equal([]);
		expect(await load(), 'a whole shop stays as it is').to.equal(false);
		// Marked, but somebody has worked in it: that is never taken away.
		await asOwner("INSERT INTO loading (name) VALUES ('demo')");
		await asOwner(
			"INSERT INTO known_addresses (user_id, address, at) SELECT MIN(id), '192.0.2.1', NOW(3) FROM users"
		);
		expect(await load().catch((e: Error) => e.message)).to.match(/somebody has signed in/);
		await asOwner('DELETE FROM known_addresses');
		await asOwner('DELETE FROM loading');
		// As it is left when the loading is killed: marked, and with part of the shop.
		await asOwner("INSERT INTO loading (name) VALUES ('demo')");
		await asOwner("UPDATE machines SET name = 'half a shop' WHERE code = 'SG-1'");
		expect(await load()).to.equal(true);
		expect(await asOwner('SELECT name FROM loading')).to.deep.equal([]);
		expect((await asOwner("SELECT name FROM machines WHERE code = 'SG-1'"))[0]!.name).to.equal(
			'toolroom surface'
		);
	});
});
