import { expect } from 'chai';
import { readBook } from '../../src/core/keep/wheel-book.js';
import { redressCycle } from '../../src/core/route/stations/keep/redress-cycle.js';
import { record } from '../../src/lib/server/setups/record.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { bookOfWheel } from '../../src/lib/server/wheels/wheel-book.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { facts, freeSpindles, key, lead, machinist, refusedWith, step, workedUpTo } from './fixtures.js';

const entry = (id: number, more: object) =>
	step(id, 'keep', 'entry', { what: 'ground-on', partsGround: 0, targetMps: 30, ...more });

describe('the life of a wheel', () => {
	after(() => freeSpindles(0));
	it('parked and taken again it comes back as mounted again, and its book goes on', async () => {
		const { id, number } = await workedUpTo('never');
		await entry(id, { partsGround: 7 });
		await entry(id, { what: 'redressed', takenUm: 50 });
		await entry(id, { what: 'taken-off', diameterAfterMm: 289 });
		const next = await workedUpTo('true.after', number);
		const w = (await wheelByNumber(number))!;
		expect((await ledger(w.id)).map((l) => l.kind).filter((k) => /mounted|parked/.test(k))).to.deep.equal([
			'mounted',
			'parked',
			'remounted'
		]);
		const book = await bookOfWheel(w);
		const says = readBook(book, w.minDiameterMm).says!;
		expect(says.state).to.equal('mounted');
		expect(new Set(book.lines.map((l) => l.setupId).filter((s) => s !== null))).to.deep.equal(
			new Set([id, next.id])
		);
		expect(book.lines.find((l) => l.kind === 'redressed')!.note).to.match(/diameter reckoned$/);
	});
	it('a redress counts on the dresser and in the loop, also where the whole is read again', async () => {
		const { id } = await workedUpTo('never');
		const before = (await facts(id)).dresser!.dressesSinceTurn!;
		await entry(id, { partsGround: 3, redressAfterParts: 5 });
		expect(redressCycle(await facts(id))).to.include({ part: 4, sinceParts: 3, everyParts: 5 });
		await entry(id, { what: 'redressed', takenUm: 20 });
		expect((await facts(id)).dresser!.dressesSinceTurn).to.equal(before + 1);
		expect(redressCycle(await facts(id))).to.include({ part: 4, sinceParts: 0 });
	});
	it('worn out it is scrapped, its setup closed, and its spindle free', async () => {
		const { id, number } = await workedUpTo('never');
		const least = (await facts(id)).wheel!.minDiameterMm;
		await entry(id, { what: 'worn-out', diameterAfterMm: least, sure: true });
		expect(await facts(id)).to.include({ state: 'finished', onSpindle: false });
		const w = (await wheelByNumber(number))!;
		expect([w.state, w.diameterMm, w.heldBy]).to.deep.equal(['scrapped', least, null]);
		expect((await ledger(w.id)).at(-1)).to.include({ kind: 'scrapped', diameterAfterMm: least });
	});
	it("the maker's word is a lead's to record", async () => {
		const { id } = await workedUpTo('never');
		const values = { mayRunAbove: true, word: 'letter of 3 March, in the folder' };
		const said = await refusedWith('lead-only', step(id, 'keep', 'makers-word', values));
		expect(said.message).to.match(/ask one/);
		const sent = {
			station: 'keep',
			step: 'makers-word',
			values,
			version: (await facts(id)).version,
			key: key()
		};
		await record(id, sent, await lead());
		await refusedWith('lead-only', record(id, { ...sent, key: key() }, await machinist()));
	});
});
