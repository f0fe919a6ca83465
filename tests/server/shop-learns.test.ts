import { expect } from 'chai';
import { setClock } from '../../src/lib/server/storage/pool.js';
import { helpedOn, shopBaselines } from '../../src/lib/server/shop/shop-baselines.js';
import { releaseSheetFile } from '../../src/lib/server/print/release-sheet.js';
import { facts, freeSpindles, machineId, refusedWith, setup, step, workedUpTo } from './fixtures.js';

describe('what the shop learns from its own records', () => {
	after(() => freeSpindles(0));
	it('a part takes what lies between two bookings, and from five on it is used', async () => {
		const { id } = await workedUpTo('never');
		const begun = Date.now() + 3_600_000;
		try {
			for (let i = 0; i <= 5; i++) {
				const at = begun + i * 600_000;
				setClock(() => at);
				await step(id, 'keep', 'entry', { what: 'ground-on', partsGround: 1, targetMps: 30 });
			}
		} finally {
			setClock(null);
		}
		const ours = (await shopBaselines(await machineId('SG-1'), 'nothing like it')).cycleS!;
		expect(ours.count).to.be.at.least(5);
		expect(ours.enough).to.equal(true);
		expect(ours.low).to.be.at.most(600);
		expect(ours.high).to.be.at.least(600);
		const empty = await shopBaselines(await machineId('LP-1'), null);
		expect([empty.lossUmPerMm, empty.changeoverS === null || empty.changeoverS.count > 0]).to.deep.equal([
			null,
			true
		]);
	});
	it('how quickly a machine springs back is used from three good fits on', async () => {
		const one = await workedUpTo('prove.release');
		const sizes = (tau: number) =>
			[0, 1, 2, 4, 7].map((tS) => ({ tS, sizeUm: 12 * Math.exp(-tS / tau) + (tS % 2 ? 0.05 : -0.05) }));
		const tau = async () => (await shopBaselines(await machineId('SG-1'), null)).tauS;
		expect(await tau()).to.equal(null);
		for (const t of [1.8, 2, 2.2]) {
			expect((await tau())?.enough ?? false).to.equal(false);
			await step(one.id, 'prove', 'spark-out', { sizes: sizes(t) });
		}
		const learnt = (await tau())!;
		expect(learnt).to.include({ count: 3, needed: 3, enough: true });
		expect(learnt.median).to.be.closeTo(2, 0.1);
	});
	it('what helped on a machine is told to the next setup on it, and to no other machine', async () => {
		const one = await workedUpTo('never');
		await step(one.id, 'keep', 'trouble', {
			symptoms: ['burr'],
			helped: 'work-loose',
			note: 'a stop was missing'
		});
		const told = await helpedOn(await machineId('SG-1'));
		expect(told[0]).to.include({ cause: 'work-loose', note: 'a stop was missing' });
		expect(await helpedOn(await machineId('LP-1'))).to.deep.equal([]);
	});
	it('the release sheet prints once something was released', async () => {
		const { id } = await workedUpTo('never');
		const bytes = await releaseSheetFile(await facts(id), 'http://shop.example', Date.now());
		expect(bytes.subarray(0, 5).toString()).to.equal('%PDF-');
		expect(bytes.length).to.be.above(5000);
		await refusedWith('not-released', releaseSheetFile(await facts(await setup()), 'http://shop.example', 0));
	});
});
