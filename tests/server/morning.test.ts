import { expect } from 'chai';
import { row, setClock } from '../../src/lib/server/storage/pool.js';
import { logLines } from '../../src/lib/server/storage/log.js';
import { keepMorning, lastMorning, newestMornings } from '../../src/lib/server/shop/morning.js';
import { nameShop, theShop } from '../../src/lib/server/shop/the-shop.js';
import { FINE } from './fine-morning.js';
import { facts, key, lead, machineId, machinist, refusedWith, step, workedUpTo } from './fixtures.js';

const OPEN = { ...FINE, checks: { ...FINE.checks, guardClosed: false, lubeLevelPct: 10 } };
const keep = async (values: object, code = 'SG-1', k = key()) =>
	keepMorning(code, values, k, await machinist());

describe('a morning sheet', () => {
	it('stops the start of its machine that day, whatever is sent, until a new one cures it', async () => {
		const { id } = await workedUpTo('run-in.start');
		const start = () => step(id, 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true });
		await keep(OPEN);
		try {
			const said = await refusedWith('morning-sheet', start());
			expect(said.message).to.match(/^SG-1 does not start: guard, oil level/);
			await refusedWith(
				'morning-sheet',
				step(
					id,
					'run-in',
					'speed',
					{ measuredRpm: 2300, stage: 'before-wheel' },
					'it is only the guard, we know'
				)
			);
			expect((await facts(id)).morning).to.deep.include({ mayStart: false, open: ['guard', 'oil level'] });
		} finally {
			await keep(FINE);
		}
		await start();
		expect((await facts(id)).morning).to.deep.include({ mayStart: true, open: [], shift: 'early' });
	});
	it('is kept in the log under its machine, sent twice only once, and the machine remembers what it does not have', async () => {
		const sheets = async () =>
			(await row<{ n: number }>("SELECT COUNT(*) AS n FROM records WHERE step = 'morning'"))!.n;
		const before = await sheets();
		const once = key();
		await keep(FINE, 'TC-1', once);
		await keep(FINE, 'TC-1', once);
		const lines = await logLines({ machine: 'TC-1' });
		expect(await sheets()).to.equal(before + 1);
		expect(lines[0]).to.include({ calculation: 'set.daily-start', step: 'morning', setupId: null });
		const last = (await lastMorning(await machineId('TC-1'))).last!;
		expect(last.notOnMachine).to.deep.equal(FINE.notOnMachine);
	});
	it('of every machine the newest, of a machine without one none', async () => {
		await keep(FINE, 'TC-1');
		await keep({ ...FINE, shift: 'late' }, 'TC-1');
		const all = await newestMornings([await machineId('TC-1'), await machineId('LP-1')]);
		expect(all.get(await machineId('TC-1'))).to.include({ shift: 'late' });
		expect((await lastMorning(await machineId('LP-1'))).newest).to.equal(null);
		expect(all.has(await machineId('LP-1'))).to.equal(false);
	});
	it('a shop that asks for one starts no machine without it, and a lead alone asks', async () => {
		const { id } = await workedUpTo('run-in.start');
		const start = () => step(id, 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true });
		const shop = await theShop();
		await refusedWith('lead-only', nameShop({ ...shop, morningWanted: true }, await machinist()));
		await nameShop({ name: shop.name, units: shop.units, morningWanted: true }, await lead());
		try {
			// Tomorrow nobody has filled one in.
			setClock(() => Date.now() + 86_400_000);
			await refusedWith('morning-sheet', start());
		} finally {
			setClock(null);
			await nameShop({ name: shop.name, units: shop.units, morningWanted: false }, await lead());
		}
		await start();
	});
	it('what is wrong in it is said by field, and a machine there is none of is not found', async () => {
		await refusedWith('no-machine', keep(FINE, 'XX-1'));
		await refusedWith(/missing/, keep({ ...FINE, shift: undefined }));
		await refusedWith(/maximum/, keep({ ...FINE, checks: { lubeLevelPct: 140 } }));
		await refusedWith(/unknown-choice/, keep({ ...FINE, notOnMachine: ['radio'] }));
	});
});
