import { createServer, type Server } from 'node:net';
import { expect } from 'chai';
import { freePort } from '../../src/command/system.js';
import { nodesOf } from '../../src/lib/server/storage/hosts.js';
import { closeDatabase, DatabaseDown, row, transaction, write } from '../../src/lib/server/storage/pool.js';
import './fixtures.js';

describe('several addresses of one database', () => {
	it('each with its own port or the common one', () => {
		expect(nodesOf('db1, db2:3307,', 3306)).to.deep.equal([
			{ host: 'db1', port: 3306 },
			{ host: 'db2', port: 3307 }
		]);
		expect(nodesOf('127.0.0.1', 3317)).to.deep.equal([{ host: '127.0.0.1', port: 3317 }]);
	});

	const { UNCINUS_DB_HOST: host, UNCINUS_DB_PORT: port } = process.env;
	const told = (list: string) => {
		process.env.UNCINUS_DB_HOST = list;
	};
	/** Takes a connection and lets it go at once, as a server that is killed does. */
	let rude: Server | null = null;
	beforeEach(closeDatabase);
	afterEach(async () => {
		await closeDatabase();
		told(host!);
		rude?.close();
		rude = null;
	});

	it('where the first one does not answer, the next one does: reads, writes, transactions', async () => {
		const nobody = await freePort(5917);
		told(`127.0.0.1:${nobody},${host}:${port}`);
		expect((await row<{ n: number }>('SELECT 7 AS n'))!.n).to.equal(7);
		await closeDatabase();
		await write('DELETE FROM requests WHERE request_key = ?', ['nobody has this key']);
		await closeDatabase();
		const n = await transaction(async (on) => (await row<{ n: number }>('SELECT 8 AS n', [], on))!.n);
		expect(n).to.equal(8);
	});

	it('a connection that is lost is left for the next address; what may have been carried out is not asked again', async () => {
		const at = await freePort(5927);
		let calls = 0;
		rude = createServer((c) => {
			calls++;
			c.destroy();
		});
		await new Promise<void>((r) => rude!.listen(at, '127.0.0.1', r));
		told(`127.0.0.1:${at},${host}:${port}`);
		const failed = await write('DELETE FROM requests WHERE request_key = ?', ['nobody has this key']).catch(
			(e: unknown) => e
		);
		expect(failed).to.be.instanceOf(DatabaseDown);
		expect(calls).to.equal(1);
		expect((await row<{ n: number }>('SELECT 9 AS n'))!.n).to.equal(9);
		expect(calls).to.equal(1);
	});

	it('where none answers it is said in words', async () => {
		const a = await freePort(5937);
		told(`127.0.0.1:${a},127.0.0.1:${await freePort(a + 1)}`);
		expect(await row('SELECT 1').catch((e: Error) => e.message)).to.match(/^The database does not answer/);
	});
});
