import { expect } from 'chai';
import Papa from 'papaparse';
import { recordsOf } from '../../src/lib/server/storage/records.js';
import { setupFile } from '../../src/lib/server/setups/setup-file.js';
import { facts, freeSpindles, setup, step, workedUpTo } from './fixtures.js';

async function whole(parts: AsyncGenerator<string>): Promise<string> {
	let text = '';
	for await (const part of parts) text += part;
	return text;
}

describe('a setup to take away', () => {
	after(() => freeSpindles(0));
	it('has every record, however many pages of them there are, as JSON and as a table', async () => {
		const { id } = await workedUpTo('never');
		for (let i = 0; i < 210; i++)
			await step(id, 'keep', 'entry', { what: 'ground-on', partsGround: 1, targetMps: 30 });
		const f = await facts(id);
		const kept = await recordsOf(id);
		expect(kept.length).to.be.above(230);
		const json = JSON.parse(await whole(setupFile(f, 'json'))) as {
			format: string;
			setup: { id: number };
			records: { id: number; output: object }[];
		};
		expect(json.format).to.equal('uncinus-setup');
		expect(json.setup.id).to.equal(id);
		expect(json.records.map((r) => r.id)).to.deep.equal(kept.map((r) => r.id));
		expect(json.records[0]!.output).to.deep.equal(kept[0]!.output);
		const table = Papa.parse<Record<string, string>>(await whole(setupFile(f, 'csv')), { header: true });
		expect(table.errors).to.deep.equal([]);
		expect([...new Set(table.data.map((r) => Number(r.record)))]).to.deep.equal(kept.map((r) => r.id));
		expect(table.data.every((r) => r.value !== undefined)).to.equal(true);
	});
	it('of a setup with nothing recorded beyond its start it is whole too', async () => {
		const id = await setup();
		const f = await facts(id);
		const json = JSON.parse(await whole(setupFile(f, 'json'))) as { records: object[] };
		expect(json.records).to.have.length((await recordsOf(id)).length);
	});
});
