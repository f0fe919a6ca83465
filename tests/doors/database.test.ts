import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, lstatSync, mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { expect } from 'chai';
import mysql, { type Connection, type RowDataPacket } from 'mysql2/promise';
import { accessOf } from '../../src/command/database/access.js';
import { backup, backupOfGiven } from '../../src/command/database/backup.js';
import {
	type PrivateDatabase,
	databaseEnvironment,
	runningPid,
	startDatabase,
	stopDatabase
} from '../../src/command/database/mariadb.js';
import { migrateGiven } from '../../src/command/database/migrate-given.js';
import { holdsTables } from '../../src/command/database/folder.js';
import { restore } from '../../src/command/database/restore.js';
import { verify } from '../../src/command/database/verify.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { copyTemplate } from '../../src/command/database/template.js';
import { noteRunning } from '../../src/command/running.js';
import { freePort } from '../../src/command/system.js';
import { addressFromEnvironment } from '../../src/lib/server/db/pool.js';

/** Shops that were moved out of the way of a restore. */
const keptOf = (folder: string): string[] =>
	readdirSync(dirname(folder))
		.filter((n) => n.startsWith(`${basename(folder)}-before-`))
		.map((n) => join(dirname(folder), n));
const ROOT = process.getuid?.() === 0;
/** Everything under a folder with its mode, folders and files apart. */
function* modes(path: string): Generator<{ path: string; folder: boolean; mode: number; uid: number }> {
	const s = lstatSync(path);
	yield { path, folder: s.isDirectory(), mode: s.mode & 0o777, uid: s.uid };
	if (s.isDirectory()) for (const n of readdirSync(path)) yield* modes(join(path, n));
}
const all = async (c: Connection, sql: string): Promise<RowDataPacket[]> =>
	(await c.query<RowDataPacket[]>(sql))[0];
const says = async (work: Promise<unknown>): Promise<string> =>
	work.then(
		() => 'It was done.',
		(e: Error) => e.message
	);

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

describe('the database', () => {
	let folder = '';
	let db: PrivateDatabase;
	const was = addressFromEnvironment();
	before(async () => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-doors-'));
		copyTemplate(folder);
		db = await startDatabase(folder, await freePort(3717));
		const env = { ...process.env };
		await shopOn(db, true);
		Object.assign(process.env, env);
	});
	after(async () => {
		await stopDatabase(folder);
		for (const f of [folder, ...keptOf(folder)]) rmSync(f, { recursive: true, force: true });
		expect(addressFromEnvironment()).to.deep.equal(was);
	});

	it('lets in nobody without our passwords, and leaves only our accounts', async () => {
		for (const user of ['root', 'uncinus', 'uncinus_owner', 'mysql', ''])
			for (const password of ['', 'root', 'uncinus'])
				expect(
					await says(mysql.createConnection({ host: '127.0.0.1', port: db.address.port, user, password })),
					user
				).to.match(/Access denied/);
		const c = await mysql.createConnection(db.owner);
		expect(await says(all(c, 'SELECT User FROM mysql.global_priv'))).to.match(/denied/);
		await c.end();
	});
	it('its application may read and write rows, and nothing else', async () => {
		const c = await mysql.createConnection(db.address);
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
		const pid = runningPid(folder)!;
		if (ROOT) expect(statSync(`/proc/${pid}`).uid, 'not root').not.to.equal(0);
		for (const f of modes(folder)) {
			if (f.path.endsWith('.sock')) continue;
			expect(f.mode & 0o077, f.path).to.equal(0);
		}
		expect(readdirSync(join(folder, 'tmp')), 'no password is left lying').to.deep.equal([]);
	});
	it('an old folder heals at the next start', async () => {
		const access = accessOf(folder)!;
		await db.stop();
		// As it was left by an earlier version: other accounts, readable by everybody.
		writeFileSync(join(folder, 'mariadb', 'stray'), '', { mode: 0o644 });
		db = await startDatabase(folder);
		expect(accessOf(folder)!.password).to.equal(access.password);
		for (const f of modes(folder)) if (!f.path.endsWith('.sock')) expect(f.mode & 0o077, f.path).to.equal(0);
	});
	it('another private database leaves its temporary tables alone', async () => {
		const c = await mysql.createConnection(db.owner);
		await c.query('CREATE TEMPORARY TABLE sorting (a LONGTEXT) ENGINE=Aria');
		await c.query("INSERT INTO sorting VALUES ('x')");
		const other = mkdtempSync(join(tmpdir(), 'uncinus-other-'));
		const second = await startDatabase(other, await freePort(3817));
		await second.stop();
		rmSync(other, { recursive: true, force: true });
		expect((await all(c, 'SELECT COUNT(*) AS n FROM sorting'))[0]!.n).to.equal(1);
		await c.end();
	});

	it('a backup taken while eight write is of one moment, and comes back whole', async () => {
		const file = join(folder, '..', `uncinus-backup-${process.pid}.gz`);
		let over = false;
		const writers = Array.from({ length: 8 }, async (_, w) => {
			const c = await mysql.createConnection(db.address);
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
		await backup(file, folder);
		over = true;
		await Promise.all(writers);
		expect(runningPid(folder), 'what it did not start it does not stop').to.equal(db.pid);
		expect(statSync(file).mode & 0o777).to.equal(0o600);
		const c = await mysql.createConnection(db.owner);
		const before = await sums(c);
		await c.end();

		// Refused while anything runs here, and over a shop that is there.
		expect(await says(restore(file, true, folder))).to.match(/runs on/);
		await db.stop();
		expect(await says(restore(file, false, folder))).to.match(/--over/);
		await restore(file, true, folder);
		const [kept] = keptOf(folder);
		expect(holdsTables(kept!), 'what was there is kept').to.equal(true);
		db = await startDatabase(folder);
		const d = await mysql.createConnection(db.owner);
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
	it('one that runs somewhere else is backed up from the first node that answers, and brought up to date', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-3.gz`);
		const env = { ...process.env };
		try {
			Object.assign(process.env, databaseEnvironment(db.owner), {
				UNCINUS_DB_HOST: `127.0.0.1:${await freePort(5957)},127.0.0.1:${db.owner.port}`
			});
			await backupOfGiven(file);
			await migrateGiven();
			process.env.UNCINUS_DB_PASSWORD = 'wrong';
			expect(await says(backupOfGiven(file))).to.match(/^None of 127.*answers with the name and password/);
		} finally {
			Object.assign(process.env, env);
		}
		const { readFileSync } = await import('node:fs');
		const { gunzipSync } = await import('node:zlib');
		expect(gunzipSync(readFileSync(file)).toString('utf8')).to.match(
			/CREATE TABLE `records`[^]*-- uncinus end/
		);
		rmSync(file);
		delete process.env.UNCINUS_DB_HOST;
		expect(await says(migrateGiven())).to.match(/^Say where the database is: UNCINUS_DB_HOST/);
		Object.assign(process.env, env);
	});
	it('a file that is cut off, changed or none changes nothing', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-2.gz`);
		await backup(file, folder);
		await db.stop();
		const { readFileSync } = await import('node:fs');
		const { gunzipSync, gzipSync } = await import('node:zlib');
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
			expect(await says(restore(file, true, folder)), what).to.match(told);
			expect(existsSync(`${folder}-restoring`), what).to.equal(false);
		}
		db = await startDatabase(folder);
		const c = await mysql.createConnection(db.address);
		expect((await all(c, "SELECT COUNT(*) AS n FROM users WHERE name = 'Ines Falk'"))[0]!.n).to.equal(1);
		await c.end();
		rmSync(file, { force: true });
	});
	it('what was changed beside the application is found, in the shop and in a backup', async () => {
		const file = join(tmpdir(), `uncinus-backup-${process.pid}-4.gz`);
		expect(await says(verify(undefined, folder))).to.equal('It was done.');
		const c = await mysql.createConnection(db.owner);
		// Whoever may do everything takes the guard away for a moment.
		const [stay] = await all(c, 'SHOW CREATE TRIGGER records_stay');
		const [one] = await all(c, "SELECT MAX(id) AS id FROM records WHERE verdict = 'caution'");
		await c.query('DROP TRIGGER records_stay');
		expect(await says(verify(undefined, folder))).to.match(/trigger records_stay is missing/);
		await backup(file, folder);
		await c.query("UPDATE records SET verdict = 'ok' WHERE id = ?", [one!.id]);
		await c.query(String(stay!['SQL Original Statement']));
		expect(await says(verify(undefined, folder))).to.match(
			new RegExp(`Record ${one!.id} of .* is not as it was`)
		);
		const changed = join(tmpdir(), `uncinus-backup-${process.pid}-5.gz`);
		await backup(changed, folder);
		expect(await says(verify(changed, folder))).to.match(new RegExp(`Record ${one!.id} `));
		await c.end();
		await db.stop();
		expect(await says(restore(file, true, folder)), 'without its guard').to.match(/records_stay is missing/);
		db = await startDatabase(folder);
		for (const f of [file, changed]) rmSync(f, { force: true });
	});
	it('a folder is no backup, said in words', async () => {
		expect(await says(restore(tmpdir(), true, folder))).to.equal(`There is no file ${tmpdir()}.`);
	});
	it('nothing is restored while another command is at work on the folder', async () => {
		// Somebody whose command line is that of our command.
		const other = spawn(process.execPath, ['-e', 'setTimeout(() => {}, 60000)', 'main.ts']);
		const done = noteRunning(folder, 'start', 4173);
		writeFileSync(
			join(folder, 'running.json'),
			JSON.stringify({ pid: other.pid, what: 'start', port: 4173 })
		);
		try {
			expect(await says(restore(join(folder, 'access.json'), true, folder))).to.match(/Already running/);
		} finally {
			other.kill();
			done();
		}
	});
});
