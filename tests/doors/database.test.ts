import { existsSync, lstatSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql from 'mysql2/promise';
import { accessOf } from '../../src/command/database/access.js';
import { runningPid, startDatabase } from '../../src/command/database/mariadb.js';
import { freePort } from '../../src/command/system.js';
import { all, says, shopOfItsOwn } from './own-shop.js';

const ROOT = process.getuid?.() === 0;
/** Everything under a folder with its mode, folders and files apart. */
function* modes(path: string): Generator<{ path: string; folder: boolean; mode: number; uid: number }> {
	const s = lstatSync(path);
	yield { path, folder: s.isDirectory(), mode: s.mode & 0o777, uid: s.uid };
	if (s.isDirectory()) for (const n of readdirSync(path)) yield* modes(join(path, n));
}
describe('the database', () => {
	const own = shopOfItsOwn(3717);

	it('lets in nobody without our passwords, and leaves only our accounts', async () => {
		for (const user of ['root', 'uncinus', 'uncinus_owner', 'mysql', ''])
			for (const password of ['', 'root', 'uncinus'])
				expect(
					await says(
						mysql.createConnection({ host: '127.0.0.1', port: own.db.address.port, user, password })
					),
					user
				).to.match(/Access denied/);
		const c = await mysql.createConnection(own.db.owner);
		expect(await says(all(c, 'SELECT User FROM mysql.global_priv'))).to.match(/denied/);
		await c.end();
	});
	it('its application may read and write rows, and nothing else', async () => {
		const c = await mysql.createConnection(own.db.address);
		expect((await all(c, 'SELECT COUNT(*) AS n FROM wheels'))[0]!.n).to.be.above(20);
		for (const sql of [
			"SELECT 1 INTO OUTFILE '/tmp/uncinus-written'",
			"SELECT LOAD_FILE('/etc/passwd') IS NOT NULL INTO @a",
			'DROP TRIGGER records_stay',
			'DROP TABLE drafts',
			'CREATE TABLE x (a INT)',
			'ALTER TABLE records ADD COLUMN x INT',
			'TRUNCATE records',
			"CREATE USER x IDENTIFIED BY 'y'",
			'SET GLOBAL general_log = 1',
			'DELETE FROM records',
			"UPDATE records SET station = 'x'"
		]) {
			const told = await says(all(c, sql));
			// Reading a file without the right to gives nothing instead of an error.
			if (sql.includes('LOAD_FILE')) expect((await all(c, 'SELECT @a AS a'))[0]!.a).to.equal(0);
			else expect(told, sql).to.match(/denied|never/i);
		}
		expect(existsSync('/tmp/uncinus-written')).to.equal(false);
		await c.end();
	});
	it('runs as nobody in particular, in folders and files that are closed to others', () => {
		const pid = runningPid(own.folder)!;
		if (ROOT) expect(statSync(`/proc/${pid}`).uid, 'not root').not.to.equal(0);
		for (const f of modes(own.folder)) {
			if (f.path.endsWith('.sock')) continue;
			expect(f.mode & 0o077, f.path).to.equal(0);
		}
		expect(readdirSync(join(own.folder, 'tmp')), 'no password is left lying').to.deep.equal([]);
	});
	it('an old folder heals at the next start', async () => {
		const access = accessOf(own.folder)!;
		await own.db.stop();
		// As it was left by an earlier version: other accounts, readable by everybody.
		writeFileSync(join(own.folder, 'mariadb', 'stray'), '', { mode: 0o644 });
		own.db = await startDatabase(own.folder);
		expect(accessOf(own.folder)!.password).to.equal(access.password);
		for (const f of modes(own.folder))
			if (!f.path.endsWith('.sock')) expect(f.mode & 0o077, f.path).to.equal(0);
	});
	it('another private database leaves its temporary tables alone', async () => {
		const c = await mysql.createConnection(own.db.owner);
		await c.query('CREATE TEMPORARY TABLE sorting (a LONGTEXT) ENGINE=Aria');
		await c.query("INSERT INTO sorting VALUES ('x')");
		const other = mkdtempSync(join(tmpdir(), 'uncinus-other-'));
		const second = await startDatabase(other, await freePort(3817));
		await second.stop();
		rmSync(other, { recursive: true, force: true });
		expect((await all(c, 'SELECT COUNT(*) AS n FROM sorting'))[0]!.n).to.equal(1);
		await c.end();
	});
});
