import { expect } from 'chai';
import { dressersInUse } from '../../src/lib/server/shop/machines.js';
import { addFlat, dresserLog } from '../../src/lib/server/shop/dresser-log.js';
import { saveShopItem, shopKind, shopItemByKey } from '../../src/lib/server/shop/shop.js';
import { lead, machinist, refusedWith } from './fixtures.js';

describe('the life of a dresser', () => {
	const flat = async (removedCm3: number, flatWidthUm: number) =>
		addFlat('BL-1', { removedCm3, flatWidthUm }, await machinist());
	it('its flats are kept, and every dress reckons with the last of them', async () => {
		for (const [removed, um] of [
			[0, 40],
			[6, 130],
			[12, 225]
		] as const)
			await flat(removed, um);
		const log = (await dresserLog('BL-1'))!;
		expect(log.flats.map((f) => f.flatWidthUm)).to.deep.equal([40, 130, 225]);
		expect(log.wear!.wear.slopeUmPerCm3).to.be.closeTo(15.417, 1e-3);
		expect(log.wear!.wear.dressesLeft).to.be.above(0);
		expect((await shopItemByKey(shopKind('dressers'), 'BL-1'))!.flatWidthUm).to.equal(225);
	});
	it('the wheel cut away only grows; nothing cut away begins anew', async () => {
		await refusedWith('inconsistent', flat(11, 230));
		await flat(0, 20);
		expect((await dresserLog('BL-1'))!.flats.map((f) => f.flatWidthUm)).to.deep.equal([20]);
	});
	it('knows the setups it was used in', async () => {
		expect((await dresserLog('D-02'))!.uses).to.deep.equal([]);
		expect((await dresserLog('R-02'))!.uses[0]).to.include({ machine: 'CF-1' });
		expect((await dresserLog('S-1'))!.uses[0]).to.include({ part: 'Lathe tools', machine: 'BG-1' });
	});
	it('is nothing for one that is not there', async () => {
		expect(await dresserLog('Z-9')).to.equal(null);
		await refusedWith('not-found', addFlat('Z-9', { removedCm3: 1, flatWidthUm: 1 }, await machinist()));
	});
});

describe('a dresser of the shop', () => {
	const keep = async (values: object, key: string | null = null) =>
		saveShopItem('dressers', key, values, await lead());
	it('has to be told what its kind needs, and is not asked for the rest', async () => {
		await refusedWith('missing', keep({ code: 'W-9', kind: 'wire', wireMm: 0.2 }));
		await keep({ code: 'W-9', kind: 'wire', wireMm: 0.2, spoolM: 800 });
		expect(await shopItemByKey(shopKind('dressers'), 'W-9')).to.include({
			wireMm: 0.2,
			spoolM: 800,
			wear: 'in-use'
		});
		await keep({ code: 'S-9', kind: 'star' });
	});
	it('worn out it is offered no more', async () => {
		const codes = async () => (await dressersInUse()).map((d) => d.code);
		expect(await codes()).to.include('S-9');
		await keep({ code: 'S-9', kind: 'star', wear: 'worn-out' }, 'S-9');
		expect(await codes()).to.not.include('S-9');
	});
});
