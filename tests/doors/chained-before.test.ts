import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql, { type Connection, type RowDataPacket } from 'mysql2/promise';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { copyTemplate } from '../../src/command/database/template.js';
import { verify } from '../../src/command/database/verify.js';
import { freePort } from '../../src/command/system.js';

describe('a shop from before records were chained', () => {
	let folder = '';
	let db: PrivateDatabase;
	let owner: Connection;
	const env = { ...process.env };
	const ready = async () => {
		const { migrated } = await shopOn(db, true);
		Object.assign(process.env, env);
		return migrated;
	};
	before(async () => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-chained-'));
		copyTemplate(folder);
		db = await startDatabase(folder, await freePort(4517));
		await ready();
		owner = await mysql.createConnection(db.owner);
	});
	after(async () => {
		await owner.end();
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
	});
	const rows = async (sql: string): Promise<RowDataPacket[]> => (await owner.query<RowDataPacket[]>(sql))[0];
	const chains = () => rows('SELECT id, chain FROM records ORDER BY id');

	it('is chained by its upgrade just as if it had been so from the beginning', async () => {
		const alike =
			'station, step, calculation, core_version, entered, input, output, verdict, user_id, wheel_id, setup_id';
		// Told of one wheel, now with a machine and now without.
		for (const machine of ['machine_id', 'NULL', 'machine_id'])
			await rows(
				`INSERT INTO records (${alike}, machine_id, request_key) SELECT ${alike.replace('setup_id', 'NULL')}, ${machine}, UUID() FROM records WHERE setup_id IS NOT NULL AND wheel_id IS NOT NULL LIMIT 1`
			);
		const before = await chains();
		expect(before.length).to.be.above(100);
		// As it was before: no hashes, no ends, and the upgrade still to come.
		await rows('DROP TRIGGER records_stay');
		await rows('UPDATE records SET chain = NULL');
		await rows('DELETE FROM chains');
		await rows("DELETE FROM migrations WHERE name = '032_chained.sql'");
		expect(await ready()).to.deep.equal(['032_chained.sql']);
		expect(await chains()).to.deep.equal(before);
		await verify(undefined, folder);
	});
});
