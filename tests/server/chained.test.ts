import { expect } from 'chai';
import { linked, ownHash } from '../../src/lib/server/storage/chain.js';
import { rows, write } from '../../src/lib/server/storage/pool.js';
import { setupFile } from '../../src/lib/server/setups/setup-file.js';
import { verifyRecords } from '../../src/lib/server/storage/verify.js';
import { facts, workedUpTo } from './fixtures.js';

describe('evidence that cannot be changed unseen', () => {
	it('of a shop that was worked in is as it was kept', async () => {
		await workedUpTo('true.runout');
		const told = await verifyRecords();
		expect(told.wrong).to.deep.equal([]);
		expect(told.records).to.be.above(100);
		expect(told.chains).to.be.above(10);
	});
	it('is not changed or deleted by the account of the application', async () => {
		for (const [sql, says] of [
			['UPDATE recordings SET seconds = seconds + 1', /never changed/],
			['UPDATE wheel_events SET note = NULL', /never changed/],
			['DELETE FROM wheel_events', /never deleted/],
			['UPDATE incidents SET seen = NULL', /never changed/],
			['DELETE FROM incidents', /never deleted/],
			["UPDATE records SET chain = ''", /never changed/]
		] as const) {
			const [table] = /recordings|wheel_events|incidents|records/.exec(sql)!;
			expect((await rows(`SELECT 1 FROM ${table} LIMIT 1`)).length, `${table} holds something`).to.equal(1);
			const said = await write(sql).then(
				() => 'It was done.',
				(e: Error) => e.message
			);
			expect(said, sql).to.match(says);
		}
	});
	it('goes out with its chain, which can be made again from what is handed out', async () => {
		const { id } = await workedUpTo('true.runout');
		let text = '';
		for await (const piece of setupFile(await facts(id), 'json')) text += piece;
		const { records } = JSON.parse(text) as { records: Out[] };
		let before = '';
		for (const r of records) {
			const own = ownHash({
				...r,
				entered: JSON.stringify(r.entered),
				input: JSON.stringify(r.input),
				output: JSON.stringify(r.output),
				enteredAt: r.enteredAtMs === null ? null : new Date(r.enteredAtMs),
				at: new Date(r.atMs),
				requestKey: r.together
			});
			before = linked(before, own);
			expect(r.chain, `record ${r.id}`).to.equal(before);
		}
		expect(records.length).to.be.above(8);
	});
});
type Out = Omit<Parameters<typeof ownHash>[0], 'enteredAt' | 'at' | 'requestKey'> & {
	id: number;
	atMs: number;
	enteredAtMs: number | null;
	together: string;
	chain: string;
};
