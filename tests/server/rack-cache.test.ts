import { expect } from 'chai';
import { rackRow } from '../../src/core/route/stations/select/steps.js';
import { lookedAt, selectView, shownNumbers } from '../../src/core/route/stations/select/view.js';
import { transaction, write } from '../../src/lib/server/storage/pool.js';
import { rankRackForSetup } from '../../src/lib/server/setups/rank-rack-for-setup.js';
import { addEvent } from '../../src/lib/server/wheels/ledger.js';
import { rackCache, heldWheels } from '../../src/lib/server/wheels/rack-cache.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { allWheels, wheelByNumber, wheelsByNumbers } from '../../src/lib/server/wheels/wheels.js';
import { facts, freeSpindles, lead, machinist, setup, step, wheel } from './fixtures.js';

const byNumber = (a: { id: string }, b: { id: string }) => (a.id < b.id ? -1 : 1);
/** What is held of the rack is what reading all of it gives. */
async function rackIsAsRead(after: string): Promise<void> {
	const [held, read] = [[...(await rackCache()).wheels()], (await allWheels()).map(rackRow)];
	expect(held.sort(byNumber), after).to.deep.equal(read.sort(byNumber));
}
/** Select shows what ranking the whole rack now comes to. */
async function selectIsAsRead(id: number, after: string): Promise<void> {
	const f = await facts(id);
	const looked = lookedAt(f, (await allWheels()).map(rackRow), await heldWheels());
	const read = selectView(f, looked, await wheelsByNumbers(shownNumbers(f, looked)));
	expect(await rankRackForSetup(f), after).to.deep.equal(read);
}

describe('the rack as it is held for Select', () => {
	after(() => freeSpindles(0));
	it('is as it would be read anew, whatever changed on it', async () => {
		const [id, other] = [await setup(), await setup()];
		const same = async (after: string) => {
			await rackIsAsRead(after);
			await selectIsAsRead(id, after);
			await selectIsAsRead(other, after);
		};
		await same('at first');
		const number = await wheel();
		await same('a wheel that came');
		expect((await rankRackForSetup(await facts(id))).wheels.some((w) => w.number === number)).to.equal(true);
		await step(other, 'select', 'take', { wheelNumber: number });
		await same('another setup took it');
		const out = (await rankRackForSetup(await facts(id))).excluded.find((x) => x.id === number);
		expect(out?.codes).to.deep.equal(['held']);
		const own = (await rankRackForSetup(await facts(other))).ranked.some((r) => r.id === number);
		expect(own, 'its own setup still sees it').to.equal(true);
		const w = (await wheelByNumber(number))!;
		await addEvent({
			wheelId: w.id,
			kind: 'dressed',
			diameterAfterMm: 270,
			setupId: other,
			recordId: null,
			note: null,
			userId: (await machinist()).id
		});
		await same('it was dressed');
		await judgeWheel(w.number, 'quarantine', 'dropped in the aisle', await lead());
		await same('it was quarantined');
	});
	it('what was taken back leaves no trace', async () => {
		const number = await wheel();
		const before = (await rackCache()).print;
		await transaction(async (on) => {
			await write("UPDATE wheels SET place = 'elsewhere' WHERE number = ?", [number], on);
			throw new Error('taken back');
		}).catch(() => undefined);
		expect((await rackCache()).print).to.equal(before);
		await write("UPDATE wheels SET bond = 'B' WHERE number = ?", [number]);
		expect((await rackCache()).print).not.to.equal(before);
	});
	it('many who look at the same time see the same', async () => {
		await wheel();
		const looks = await Promise.all(Array.from({ length: 8 }, () => rackCache()));
		expect(new Set(looks.map((l) => l.print)).size).to.equal(1);
		await rackIsAsRead('eight at once');
	});
});
