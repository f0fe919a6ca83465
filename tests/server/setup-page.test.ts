import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { toClientFacts } from '../../src/core/route/client-facts.js';
import { setupStatus } from '../../src/core/route/setup-status.js';
import { write } from '../../src/lib/server/storage/pool.js';
import { floorCards } from '../../src/lib/server/setups/floor-cards.js';
import { setupPage } from '../../src/lib/server/setups/setup-page.js';
import { guidelineVersion, keepGuidelines, limitsNow } from '../../src/lib/server/shop/guidelines.js';
import { keepMorning } from '../../src/lib/server/shop/morning.js';
import { nameShop, theShop } from '../../src/lib/server/shop/the-shop.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { FINE } from './fine-morning.js';
import { facts, freeSpindles, key, lead, machinist, step, wheel, workedUpTo } from './fixtures.js';

/** What the page is sent is what is read from the whole, but for the clock. */
async function pageIsAsRead(id: number, after: string): Promise<void> {
	const [sent, whole] = [(await setupPage(id))!, await facts(id)];
	const clock = { nowMs: 0 };
	expect({ ...sent.facts, ...clock }, after).to.deep.equal({ ...toClientFacts(whole), ...clock });
	expect(sent.decision, after).to.deep.equal(decide(whole));
}

describe('the page of a setup', () => {
	after(() => freeSpindles(0));
	it('knows a correction to another wheel of its marking, and how stiff the batch of one is', async () => {
		const { id, number } = await workedUpTo('true.after');
		const other = await wheel();
		await pageIsAsRead(id, 'at first');
		await write(
			'UPDATE wheels o JOIN wheels w ON w.number = ? SET o.canonical = w.canonical WHERE o.number = ?',
			[number, other]
		);
		await pageIsAsRead(id, 'marked alike');
		await write("UPDATE wheels SET canonical = CONCAT(canonical, 'X') WHERE number = ?", [other]);
		await pageIsAsRead(id, 'marked otherwise');
	});
	it('is as it would be read anew, after whatever was done anywhere', async () => {
		const { id, number } = await workedUpTo('true.after');
		const shop = await theShop();
		const names = async (name: string) =>
			nameShop({ name, units: shop.units, morningWanted: false }, await lead());
		const limits = async (body: object | null) =>
			keepGuidelines('limits', body, 'seen at the machine', await guidelineVersion('limits'), await lead());
		await pageIsAsRead(id, 'at first');
		await pageIsAsRead(id, 'looked at twice');
		await step(id, 'true', 'runout', { readingsUm: [4, 8, 6, 2, 4, 8, 6, 2, 4, 8, 6, 2] });
		await pageIsAsRead(id, 'a record');
		await names('Another name');
		await pageIsAsRead(id, 'the name of the shop');
		await names(shop.name);
		await limits({ 'true.runout': { limitTirUm: 31 } });
		await pageIsAsRead(id, 'a limit');
		if (Object.keys(await limitsNow()).length) await limits(null);
		await keepMorning('SG-1', FINE, key(), await machinist());
		await pageIsAsRead(id, 'a morning sheet');
		await write('UPDATE wheels SET mass_kg = mass_kg + 0.01 WHERE number = ?', [number]);
		await pageIsAsRead(id, 'the wheel');
		await write("UPDATE users SET name = 'Ines Falk-Berg' WHERE name = 'Ines Falk'");
		try {
			await pageIsAsRead(id, 'a name of somebody');
		} finally {
			await write("UPDATE users SET name = 'Ines Falk' WHERE name = 'Ines Falk-Berg'");
		}
		await write('UPDATE setups SET units = IF(units = ?, ?, ?) WHERE id = ?', ['mm', 'inch', 'mm', id]);
		await pageIsAsRead(id, 'its units');
	});
});

describe('the cards of the Floor', () => {
	after(() => freeSpindles(0));
	const card = async (id: number) => (await floorCards([id]))[0]!;
	const asRead = async (id: number) => {
		const f = await facts(id);
		return setupStatus(f, decide(f));
	};
	it('change with a record, a lock-out, a wheel set aside', async () => {
		const { id, number } = await workedUpTo('never');
		expect(await card(id)).to.include(await asRead(id));
		await step(id, 'keep', 'entry', {
			what: 'ground-on',
			partsGround: 12,
			redressAfterParts: 5,
			targetMps: 30
		});
		expect(await card(id)).to.include({ word: 'Redress due' });
		await judgeWheel(number, 'quarantine', 'somebody heard a click', await lead());
		expect(await card(id)).to.include(await asRead(id));
	});
});
