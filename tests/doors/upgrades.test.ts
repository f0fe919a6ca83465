import { createHash } from 'node:crypto';
import type { ChildProcess } from 'node:child_process';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { expect } from 'chai';
import mysql, { type Connection } from 'mysql2/promise';
import { endChild, startApplication } from '../../src/command/application.js';
import { startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { restore } from '../../src/command/database/restore.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { verify } from '../../src/command/database/verify.js';
import { ROOT } from '../../src/command/paths.js';
import { freePort } from '../../src/command/system.js';
import { closeDatabase } from '../../src/lib/server/storage/pool.js';
import { VIEWS } from '../shared/views.js';
import { cookieOf } from './fixtures.js';
import { all } from './own-shop.js';

const KEPT = join(ROOT, 'tests/upgrades');
/** What nothing may change, whatever release runs on it. */
const EVIDENCE = [
	'SELECT id, setup_id, wheel_id, machine_id, station, step, calculation, core_version, entered, input, output, verdict, override_reason, replaces_id, user_id, at, chain FROM records ORDER BY id',
	'SELECT id, wheel_id, kind, diameter_after_mm, note, user_id, at FROM wheel_events ORDER BY id',
	'SELECT hash, facts FROM kept_facts ORDER BY hash',
	'SELECT id, state, wheel_id, closed_facts FROM setups ORDER BY id'
];
async function printOf(owner: Connection): Promise<string> {
	const hash = createHash('sha256');
	for (const sql of EVIDENCE) {
		const found = await all(owner, sql);
		expect(found.length, sql).to.be.above(3);
		hash.update(JSON.stringify(found));
	}
	return hash.digest('hex');
}

describe('a shop of an earlier release', () => {
	const env = { ...process.env };
	let folder = '';
	let app: ChildProcess | null = null;
	beforeEach(() => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-upgrade-'));
	});
	afterEach(async () => {
		if (app) await endChild(app);
		app = null;
		await closeDatabase();
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
		Object.assign(process.env, env);
	});
	for (const file of readdirSync(KEPT).filter((n) => n.endsWith('.gz')))
		it(`${basename(file, '.gz')} is brought up to date: its evidence is as it was, and every page opens`, async () => {
			await restore(join(KEPT, file), false, folder);
			const db = await startDatabase(folder, await freePort(4617));
			const owner = await mysql.createConnection(db.owner);
			const before = await printOf(owner);
			await closeDatabase();
			expect((await shopOn(db, true)).migrated).to.have.length.above(0);
			expect(await printOf(owner)).to.equal(before);
			await owner.end();
			await verify(undefined, folder);
			const port = await freePort(4673);
			app = await startApplication(db.address, port, true, true);
			const cookie = await cookieOf('Mara Okonjo');
			const closed: string[] = [];
			for (const [, path] of VIEWS) {
				const { status } = await fetch(`http://127.0.0.1:${port}${path}`, {
					headers: { cookie },
					redirect: 'manual'
				});
				if (status !== 200) closed.push(`${path}: ${status}`);
			}
			expect(closed).to.deep.equal([]);
		});
});
