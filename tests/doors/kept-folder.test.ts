import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql, { type RowDataPacket } from 'mysql2/promise';
import { holdsTables, isCreated, moveAside } from '../../src/command/database/folder.js';
import { startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { freePort } from '../../src/command/system.js';

describe('a folder that holds a shop', () => {
	let folder = '';
	before(() => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-kept-'));
	});
	after(async () => {
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
	});
	const start = async () => startDatabase(folder, await freePort(4217));
	const asOwner = async (sql: string): Promise<RowDataPacket[]> => {
		const { host, port, user, password, database } = (await start()).owner;
		const c = await mysql.createConnection({ host, port, user, password, database });
		try {
			const [rows] = await c.query(sql);
			return rows as RowDataPacket[];
		} finally {
			await c.end();
		}
	};
	const mark = () => join(folder, 'created');

	it('is never laid out anew, whatever its marks say', async () => {
		await start();
		await asOwner('CREATE TABLE work (n INT)');
		await asOwner('INSERT INTO work VALUES (42)');
		// A first start that was broken off leaves its server running and no mark; the next start takes it over.
		rmSync(mark());
		const taken = await start();
		expect(taken.started, 'taken over, not started').to.equal(false);
		expect(existsSync(mark()), 'and marked').to.equal(true);
		// The same with the server gone: the tables speak, not the mark.
		await stopDatabase(folder);
		rmSync(mark());
		expect(holdsTables(folder)).to.equal(true);
		await start();
		expect((await asOwner('SELECT n FROM work')).map((r) => r.n as number)).to.deep.equal([42]);
	});
	it('moved aside it is kept whole, and the place is free', async () => {
		await stopDatabase(folder);
		const kept = moveAside(folder, Date.UTC(2026, 0, 5, 12));
		expect(kept).to.match(/before-2026-01-05T12-00-00/);
		expect(holdsTables(kept!)).to.equal(true);
		expect(isCreated(folder)).to.equal(false);
		expect(moveAside(folder, 0), 'nothing there').to.equal(null);
	});
	it('two starts at the same moment find a port each', async () => {
		const two = [0, 1].map(() => mkdtempSync(join(tmpdir(), 'uncinus-two-')));
		const port = await freePort(4417);
		const both = await Promise.all(two.map((f) => startDatabase(f, port)));
		expect(new Set(both.map((d) => d.address.port)).size).to.equal(2);
		for (const f of two) {
			await stopDatabase(f);
			rmSync(f, { recursive: true, force: true });
		}
	});
	it('what a broken-off first layout leaves is no shop', () => {
		const half = mkdtempSync(join(tmpdir(), 'uncinus-half-'));
		mkdirSync(join(half, 'mariadb', 'mysql'), { recursive: true });
		writeFileSync(join(half, 'mariadb', 'ibdata1'), '');
		expect(isCreated(half)).to.equal(false);
		mkdirSync(join(half, 'mariadb', 'uncinus'));
		writeFileSync(join(half, 'mariadb', 'uncinus', 'db.opt'), '');
		expect(isCreated(half), 'a schema without a table').to.equal(false);
		expect(readdirSync(half)).to.deep.equal(['mariadb']);
		rmSync(half, { recursive: true, force: true });
	});
});
