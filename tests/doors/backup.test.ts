import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { expect } from 'chai';
import mysql, { type Connection } from 'mysql2/promise';
import { backup, backupOfGiven } from '../../src/command/database/backup.js';
import { holdsTables } from '../../src/command/database/folder.js';
import { databaseEnvironment, runningPid, startDatabase } from '../../src/command/database/mariadb.js';
import { migrateGiven } from '../../src/command/database/migrate-given.js';
import { restore } from '../../src/command/database/restore.js';
import { verify } from '../../src/command/database/verify.js';
import { noteRunning } from '../../src/command/running.js';
import { freePort } from '../../src/command/system.js';
import { all, keptOf, says, shopOfItsOwn } from './own-shop.js';

/** A checksum of every row of what a shop keeps, recordings and pictures included. */
async function sums(c: Connection): Promise<Record<string, string>> {
	const told: Record<string, string> = {};
	for (const table of [
		'records',
		'recordings',
		'pictures',
		'wheels',
		'wheel_events',
		'setups',
		'incidents',
		'users'
	])
		told[table] = createHash('sha256')
			.update(JSON.stringify(await all(c, `SELECT * FROM ${table} ORDER BY id`)))
			.digest('hex');
	return told;
}

describe('a backup', () => {
	const own = shopOfItsOwn(3767);

	it('taken while fifty write is of one moment, and comes back whole', async () => {
		const file = join(own.folder, '..', `uncinus-backup-${process.pid}.gz`);
		let over = false;
		const writers = Array.from({ length: 50 }, async (_, w) => {
			const c = await mysql.createConnection(own.db.address);
			// Two rows that belong together: no moment has one without the other.
			for (let i = 0; !over; i++) {
				await c.beginTransaction();
				for (const half of ['a', 'b'])
					await c.query('INSERT INTO drafts (user_id, draft_key, body) VALUES (1, ?, ?)', [
						`w${w}-${i}-${half}`,
						'{}'
					]);
				await c.commit();
			}
			await c.end();
		});
		await backup(file, own.folder);
		over = true;
		await Promise.all(writers);
		expect(runningPid(own.folder), 'what it did not start it does not stop').to.equal(own.db.pid);
		expect(statSync(file).mode & 0o777).to.equal(0o600);
		const c = await mysql.createConnection(own.db.owner);
		const before = await sums(c);
		await c.end();

		// Refused while anything runs here, and over a shop that is there.
		expect(await says(restore(file, true, own.folder))).to.match(/runs on/);
		await own.db.stop();
		expect(await says(restore(file, false, own.folder))).to.match(/--over/);
		await restore(file, true, own.folder);
		const [kept] = keptOf(own.folder);
		expect(holdsTables(kept!), 'what was there is kept').to.equal(true);
		own.db = await startDatabase(own.folder);
		const d = await mysql.createConnection(own.db.owner);
		expect(await sums(d)).to.deep.equal(before);
		const halves = await all(
			d,
			"SELECT COUNT(*) AS n FROM drafts a LEFT JOIN drafts b ON b.draft_key = CONCAT(LEFT(a.draft_key, CHAR_LENGTH(a.draft_key) - 1), IF(a.draft_key LIKE '%-a', 'b', 'a')) WHERE a.draft_key LIKE 'w%-%-%' AND b.draft_key IS NULL"
		);
		expect(halves[0]!.n).to.equal(0);
		expect(await says(all(d, 'DELETE FROM recordings')), 'what protects evidence came back too').to.match(
			/never deleted/
		);
		await d.end();
		rmSync(file, { force: true });
	});
	it('of a database that runs somewhere else is taken from the first node that answers; that one is brought up to date', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-3.gz`);
		const env = { ...process.env };
		try {
			Object.assign(process.env, databaseEnvironment(own.db.owner), {
				UNCINUS_DB_HOST: `127.0.0.1:${await freePort(5957)},127.0.0.1:${own.db.owner.port}`
			});
			await backupOfGiven(file);
			await migrateGiven();
			process.env.UNCINUS_DB_PASSWORD = 'wrong';
			expect(await says(backupOfGiven(file))).to.match(/^None of 127.*answers with the name and password/);
		} finally {
			Object.assign(process.env, env);
		}
		expect(gunzipSync(readFileSync(file)).toString('utf8')).to.match(
			/CREATE TABLE `records`[^]*-- uncinus end/
		);
		rmSync(file);
		delete process.env.UNCINUS_DB_HOST;
		expect(await says(migrateGiven())).to.match(/^Say where the database is: UNCINUS_DB_HOST/);
		Object.assign(process.env, env);
	});
	it('that is cut off, changed or none at all changes nothing', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-2.gz`);
		await backup(file, own.folder);
		await own.db.stop();
		const whole = readFileSync(file);
		const text = gunzipSync(whole).toString('utf8');
		for (const [what, bytes, told] of [
			['cut in the middle', whole.subarray(0, whole.length >> 1), /damaged|cut off/],
			['cut at a line', gzipSync(text.slice(0, text.lastIndexOf('\n-- uncinus end'))), /cut off/],
			[
				'changed',
				gzipSync(text.replace('Brackwater', 'Brackwatre').replace(/Ines Falk/, 'Inez Falk')),
				/changed/
			],
			['no backup', gzipSync('hello\n'), /not a backup/],
			['not even packed', Buffer.from('hello'), /not a backup/]
		] as const) {
			writeFileSync(file, bytes);
			expect(await says(restore(file, true, own.folder)), what).to.match(told);
			expect(existsSync(`${own.folder}-restoring`), what).to.equal(false);
		}
		own.db = await startDatabase(own.folder);
		const c = await mysql.createConnection(own.db.address);
		expect((await all(c, "SELECT COUNT(*) AS n FROM users WHERE name = 'Ines Falk'"))[0]!.n).to.equal(1);
		await c.end();
		rmSync(file, { force: true });
	});
	it('what was changed beside the application is found, in the shop and in a backup', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-4.gz`);
		expect(await says(verify(undefined, own.folder))).to.equal('It was done.');
		const c = await mysql.createConnection(own.db.owner);
		// Whoever may do everything takes the guard away for a moment.
		const [stay] = await all(c, 'SHOW CREATE TRIGGER records_stay');
		const [one] = await all(c, "SELECT MAX(id) AS id FROM records WHERE verdict = 'caution'");
		await c.query('DROP TRIGGER records_stay');
		expect(await says(verify(undefined, own.folder))).to.match(/trigger records_stay is missing/);
		await backup(file, own.folder);
		await c.query("UPDATE records SET verdict = 'ok' WHERE id = ?", [one!.id]);
		await c.query(String(stay!['SQL Original Statement']));
		expect(await says(verify(undefined, own.folder))).to.match(
			new RegExp(`Record ${one!.id} of .* is not as it was`)
		);
		const changed = join(tmpdir(), `uncinus-backup-${process.pid}-5.gz`);
		await backup(changed, own.folder);
		expect(await says(verify(changed, own.folder))).to.match(new RegExp(`Record ${one!.id} `));
		await c.end();
		await own.db.stop();
		expect(await says(restore(file, true, own.folder)), 'without its guard').to.match(
			/records_stay is missing/
		);
		own.db = await startDatabase(own.folder);
		for (const f of [file, changed]) rmSync(f, { force: true });
	});
	it('a folder is no backup, said in words', async () => {
		expect(await says(restore(tmpdir(), true, own.folder))).to.equal(`There is no file ${tmpdir()}.`);
	});
	it('nothing is restored while another command is at work on the folder', async () => {
		// Somebody whose command line is that of our command.
		const other = spawn(process.execPath, ['-e', 'setTimeout(() => {}, 60000)', 'main.ts']);
		const done = noteRunning(own.folder, 'start', 4173);
		writeFileSync(
			join(own.folder, 'running.json'),
			JSON.stringify({ pid: other.pid, what: 'start', port: 4173 })
		);
		try {
			expect(await says(restore(join(own.folder, 'access.json'), true, own.folder))).to.match(
				/Already running/
			);
		} finally {
			other.kill();
			done();
		}
	});
});
