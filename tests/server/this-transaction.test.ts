import { expect } from 'chai';
import { row, transaction, write } from '../../src/lib/server/storage/pool.js';
import { oncePerTransaction } from '../../src/lib/server/storage/this-transaction.js';
import { cached } from '../../src/lib/server/storage/cache.js';
import { theShop } from '../../src/lib/server/shop/the-shop.js';
import { wheel } from './fixtures.js';

describe('what a transaction asks', () => {
	it('is asked once until it changes or locks something, and anew in the next one', async () => {
		const number = await wheel();
		let times = 0;
		const asks = (on: object) =>
			oncePerTransaction(on, 'test', async () => {
				times++;
				return times;
			});
		await transaction(async (on) => {
			expect([await asks(on), await asks(on)]).to.deep.equal([1, 1]);
			await row('SELECT id FROM wheels WHERE number = ?', [number], on);
			expect(await asks(on), 'after reading').to.equal(1);
			await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
			expect(await asks(on), 'after waiting for a lock').to.equal(2);
			await write('UPDATE wheels SET place = ? WHERE number = ?', ['elsewhere', number], on);
			expect(await asks(on), 'after a change').to.equal(3);
		});
		await transaction(async (on) => {
			expect(await asks(on), 'in the next one').to.equal(4);
		});
	});
	it('is as it has changed it itself', async () => {
		const before = (await theShop()).name;
		const nameIn = (on: Parameters<Parameters<typeof transaction>[0]>[0]) =>
			cached(
				'shop',
				'test-name',
				async (from) => (await row<{ name: string }>('SELECT name FROM shop', [], from))!.name,
				on
			);
		await transaction(async (on) => {
			expect(await nameIn(on)).to.equal(before);
			await write('UPDATE shop SET name = ?', ['Another name'], on);
			expect(await nameIn(on)).to.equal('Another name');
			throw new Error('taken back');
		}).catch(() => undefined);
		await transaction(async (on) => expect(await nameIn(on)).to.equal(before));
	});
	it('sees what others have committed since it began', async () => {
		const number = await wheel();
		await transaction(async (on) => {
			const place = async () =>
				(await row<{ place: string }>('SELECT place FROM wheels WHERE number = ?', [number], on))!.place;
			expect(await place()).to.equal('test');
			await write('UPDATE wheels SET place = ? WHERE number = ?', ['meanwhile', number]);
			expect(await place()).to.equal('meanwhile');
			await write('UPDATE wheels SET place = ? WHERE number = ?', ['test', number], on);
		});
	});
});
