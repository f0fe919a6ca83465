import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import mysql from 'mysql2/promise';
import { endChild, startApplication } from '../../src/command/application.js';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { freePort } from '../../src/command/system.js';

describe('a shop in which nobody works yet', () => {
	let folder = '';
	let db: PrivateDatabase;
	let port = 0;
	let app: Awaited<ReturnType<typeof startApplication>>;
	const env = { ...process.env };
	before(async () => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-first-'));
		db = await startDatabase(folder, await freePort(4017));
		await shopOn(db, false);
		Object.assign(process.env, env);
		port = await freePort(4773);
		app = await startApplication(db.address, port, false, true, { UNCINUS_FIRST_CODE: '40718263' });
	});
	after(async () => {
		await endChild(app);
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
	});
	const go = (path: string, form?: Record<string, string>) =>
		fetch(`http://127.0.0.1:${port}${path}`, {
			redirect: 'manual',
			...(form
				? {
						method: 'POST',
						body: new URLSearchParams(form), // As a page without its script sends it.
						headers: { origin: `http://127.0.0.1:${port}`, accept: 'text/html' }
					}
				: {})
		});
	const LEAD = {
		code: '4071 8263',
		shop: 'Test Grinding',
		units: 'inch',
		name: 'Only Lead',
		pin: '730156',
		again: '730156'
	};

	it('of four hundred wrong codes at once four are looked at', async () => {
		const t0 = Date.now();
		const texts = await Promise.all(
			Array.from({ length: 400 }, async () => (await go('/first', { ...LEAD, code: '40718264' })).text())
		);
		const seen = texts.filter((t) => t.includes('not the code')).length;
		expect(seen).to.be.within(1, 4 + Math.floor((Date.now() - t0) / 5000));
		const c = await mysql.createConnection(db.owner);
		await c.query('DELETE FROM sign_in_tries');
		await c.end();
		expect(texts.filter((t) => /Too many wrong codes|Too much is being sent/.test(t))).to.have.length(
			400 - seen
		);
	});
	it('leads to the first start; who has the code becomes its lead, once', async () => {
		expect((await go('/')).headers.get('location')).to.match(/^\/sign-in/);
		expect((await go('/sign-in')).headers.get('location')).to.equal('/first');
		for (const [change, says] of [
			[{ code: '40718264' }, /not the code/],
			[{ name: '' }, /Type your name/],
			[{ shop: '' }, /Name of the shop is missing/],
			[{ units: 'ell' }, /Numbers in/],
			[{ pin: '123456' }, /tried first/],
			[{ again: '730165' }, /two PINs differ/]
		] as const) {
			const r = await go('/first', { ...LEAD, ...change });
			expect(r.status).to.equal(400);
			expect(await r.text()).to.match(says);
		}
		const [one, two] = await Promise.all([
			go('/first', LEAD),
			go('/first', { ...LEAD, name: 'Second Lead' })
		]);
		expect([one.headers.get('location'), two.headers.get('location')].sort()).to.deep.equal([
			'/',
			'/sign-in'
		]);
		const cookie = (one.headers.get('set-cookie') ?? two.headers.get('set-cookie'))!.split(';')[0]!;
		const floor = await fetch(`http://127.0.0.1:${port}/`, { headers: { cookie } });
		expect(floor.status).to.equal(200);
		const text = await floor.text();
		expect(text).to.match(/lead/);
		expect(text, 'the way to a first setup').to.contain('From an empty shop to the first setup');
		expect(await (await go('/sign-in')).text()).to.contain('Test Grinding');
		expect((await go('/first')).headers.get('location')).to.equal('/sign-in');
		expect((await go('/first', LEAD)).headers.get('location')).to.equal('/sign-in');
	});
});
