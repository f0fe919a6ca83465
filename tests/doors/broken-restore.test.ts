import { existsSync, mkdirSync, mkdtempSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { expect } from 'chai';
import { holdsTables } from '../../src/command/database/folder.js';
import { markWhole, newOf, settleRestore, swap } from '../../src/command/database/swap.js';

describe('a restore that is killed at its worst moment', () => {
	let place = '';
	let folder = '';
	beforeEach(() => {
		place = mkdtempSync(join(tmpdir(), 'uncinus-swap-'));
		folder = join(place, 'shop');
	});
	afterEach(() => rmSync(place, { recursive: true, force: true }));
	/** A folder with a table in it, and a word that says whose it is. */
	const shop = (at: string, whose: string) => {
		mkdirSync(join(at, 'mariadb', 'uncinus'), { recursive: true });
		writeFileSync(join(at, 'mariadb', 'uncinus', 'records.ibd'), '');
		writeFileSync(join(at, whose), '');
	};
	const whose = () => readdirSync(folder).filter((n) => n !== 'mariadb');
	const kept = () => readdirSync(place).filter((n) => n.startsWith(`${basename(folder)}-before-`));

	it('before the old shop was moved away: nothing has happened', async () => {
		shop(folder, 'old');
		shop(newOf(folder), 'new');
		for (const whole of [false, true]) {
			shop(newOf(folder), 'new');
			if (whole) markWhole(folder);
			await settleRestore(folder);
			expect(whose()).to.deep.equal(['old']);
			expect(existsSync(newOf(folder))).to.equal(false);
		}
		expect(kept()).to.deep.equal([]);
	});
	it('between the two renames: the next start finishes it, and the old shop is kept', async () => {
		shop(folder, 'old');
		shop(newOf(folder), 'new');
		markWhole(folder);
		renameSync(folder, `${folder}-before-1`);
		await settleRestore(folder);
		expect(whose()).to.deep.equal(['new']);
		expect(holdsTables(join(place, kept()[0]!))).to.equal(true);
		await settleRestore(folder);
		expect(whose(), 'and once only').to.deep.equal(['new']);
	});
	it('not at all: twice restored, both old ones are kept', () => {
		shop(folder, 'first');
		for (const next of ['second', 'third']) {
			shop(newOf(folder), next);
			markWhole(folder);
			const was = swap(folder, Date.UTC(2026, 0, 5))!;
			expect(dirname(was)).to.equal(place);
			expect(whose()).to.deep.equal([next]);
		}
		expect(kept()).to.have.length(2);
	});
	it('a place without a shop leaves nothing behind, unless a shop was kept in it', () => {
		mkdirSync(folder);
		shop(newOf(folder), 'new');
		expect(swap(folder, 0)).to.equal(null);
		expect(kept()).to.deep.equal([]);
		rmSync(join(folder, 'mariadb'), { recursive: true });
		mkdirSync(join(folder, 'before-2026'));
		shop(newOf(folder), 'new');
		expect(existsSync(join(swap(folder, 0)!, 'before-2026'))).to.equal(true);
	});
});
