import { expect } from 'chai';
import { rows, write } from '../../src/lib/server/storage/pool.js';
import { find } from '../../src/lib/server/shop/find.js';
import { rackPage } from '../../src/lib/server/wheels/rack.js';
import { wheel } from './fixtures.js';

const numbers = async (search: string) =>
	(await rackPage({ search, state: '', family: '', sort: 'number', down: false, page: 1 })).wheels.map(
		(w) => w.number
	);

describe('a text that is looked for on the rack', () => {
	const made: string[] = [];
	/** A wheel at a place of its own, which goes to the place of tests in the end. */
	const wheelAt = async (place: string): Promise<string> => {
		made.push(await wheel({ place }));
		return made.at(-1)!;
	};
	after(async () => {
		for (const number of made) await write('UPDATE wheels SET place = ? WHERE number = ?', ['test', number]);
	});
	it('is found inside a word, whatever its case, and where a wheel was moved to', async () => {
		const one = await wheelAt('shelf QX7 top');
		expect(await numbers('x7 t')).to.deep.equal([one]);
		expect(await numbers('X7 T')).to.deep.equal([one]);
		await write('UPDATE wheels SET place = ? WHERE number = ?', ['shelf ZK9 top', one]);
		expect(await numbers('qx7')).to.deep.equal([]);
		expect(await numbers('zk9')).to.deep.equal([one]);
		expect((await find(one)).map((f) => f.title.split(' ')[0])).to.include(one);
	});
	it('its parts alone are not enough', async () => {
		const one = await wheelAt('abcd bcde');
		expect(await numbers('abcde')).to.deep.equal([]);
		expect(await numbers('abcd bc')).to.deep.equal([one]);
	});
	it('may be as short as two letters', async () => {
		expect((await numbers('WA')).length).to.be.above(3);
	});
	it('finds the same wheels as reading every one', async () => {
		const all = await rows<{ number: string; text: string }>(
			'SELECT number, CAST(search_bytes AS CHAR CHARACTER SET utf8mb4) AS text FROM wheels ORDER BY number'
		);
		const words = all.flatMap(({ text }, i) => [
			text.slice(i % 7, (i % 7) + 3 + (i % 5)),
			`${text.slice(2, 4)}#${i}`
		]);
		for (const word of new Set(words.filter((w) => w.trim() === w)))
			expect(await numbers(word), word).to.deep.equal(
				all
					.filter((w) => w.text.includes(word))
					.slice(0, 50)
					.map((w) => w.number)
			);
	});
});
