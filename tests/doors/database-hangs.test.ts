import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import { endChild, startApplication } from '../../src/command/application.js';
import { type PrivateDatabase, startDatabase, stopDatabase } from '../../src/command/database/mariadb.js';
import { shopOn } from '../../src/command/database/shop-on.js';
import { freePort } from '../../src/command/system.js';

describe('a database that hangs', () => {
	let folder = '';
	let db: PrivateDatabase;
	let base = '';
	let app: Awaited<ReturnType<typeof startApplication>>;
	const env = { ...process.env };
	before(async () => {
		folder = mkdtempSync(join(tmpdir(), 'uncinus-hangs-'));
		db = await startDatabase(folder, await freePort(4317));
		await shopOn(db, true, false);
		Object.assign(process.env, env);
		const port = await freePort(4873);
		base = `http://127.0.0.1:${port}`;
		app = await startApplication(db.address, port, true, true);
	});
	after(async () => {
		process.kill(db.pid, 'SIGCONT');
		await endChild(app);
		await stopDatabase(folder);
		rmSync(folder, { recursive: true, force: true });
	});

	it('is said within seconds wherever somebody waits for it, and what was sent keeps its key', async () => {
		const signIn = await fetch(`${base}/sign-in`, {
			method: 'POST',
			redirect: 'manual',
			headers: { origin: base, accept: 'text/html' },
			body: new URLSearchParams({ userId: '1', pin: '471128' })
		});
		const cookie = signIn.headers.get('set-cookie')!.split(';')[0]!;
		const ask = async (path: string, body?: object) => {
			const t0 = Date.now();
			const r = await fetch(base + path, {
				headers: { cookie, origin: base, 'content-type': 'application/json' },
				...(body && { method: 'POST', body: JSON.stringify(body) })
			});
			return { status: r.status, text: await r.text(), s: (Date.now() - t0) / 1000 };
		};
		const brief = {
			part: 'Valve plate',
			quantity: 3,
			material: 'steel-hardened',
			hardnessHrc: 60,
			operation: 'surface',
			targetRaUm: 0.6,
			machineId: 1
		};
		const start = { values: brief, key: randomUUID() };
		expect((await ask('/health')).status).to.equal(200);
		process.kill(db.pid, 'SIGSTOP');
		// More than there are connections, as a shop would ask.
		const all = await Promise.all([
			...Array.from({ length: 20 }, () => ask('/health')),
			...Array.from({ length: 20 }, () => ask('/')),
			ask('/api/setups', start)
		]);
		expect(all.map((r) => r.status)).to.deep.equal(all.map(() => 503));
		for (const r of all) expect(r.text).to.match(/database does not answer/);
		// A deadline to find a connection and one to ask on it, and what a busy machine adds.
		expect(Math.max(...all.map((r) => r.s))).to.be.below(25);
		process.kill(db.pid, 'SIGCONT');
		const made = await Promise.all([ask('/api/setups', start), ask('/api/setups', start)]);
		expect(made.map((r) => r.status)).to.deep.equal([200, 200]);
		expect(made[0]!.text, 'once').to.equal(made[1]!.text);
		expect((await ask('/health')).status).to.equal(200);
	});
});
