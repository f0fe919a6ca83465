import { expect } from 'chai';
import { rows } from '../../src/lib/server/storage/pool.js';
import { keptFacts } from '../../src/lib/server/setups/kept-facts.js';
import { correctWheel, wheelVersions } from '../../src/lib/server/wheels/correct-wheel.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { facts, key, lead, refusedWith, wheel, workedUpTo } from './fixtures.js';

const AS_READ = {
	marking: 'WA 80 H 8 V',
	newDiameterMm: 300,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.6,
	ratedMps: 40,
	ratedRpm: null,
	expiresOn: null,
	shape: '1',
	place: 'test'
};
const WHY = 'read wrong off the label';

describe('a received wheel put right', () => {
	it('is a new version: what stood there before stays, with who and why', async () => {
		const number = await wheel();
		await correctWheel(
			number,
			{ ...AS_READ, marking: 'WA 60 K 8 V', ratedMps: 35 },
			WHY,
			key(),
			await lead()
		);
		const now = (await wheelByNumber(number))!;
		expect(now).to.include({
			marking: 'WA 60 K 8 V',
			grade: 'K',
			gritNumber: 60,
			ratedMps: 35,
			diameterMm: 290
		});
		const [version] = await wheelVersions(now.id);
		expect(version).to.include({ why: WHY, by: 'Mara Okonjo' });
		expect(version!.changes).to.equal(
			'Marking WA 80 H 8 V becomes WA 60 K 8 V; Marked speed 40 m/s becomes 35 m/s'
		);
		const [kept] = await rows<{ before_facts: string }>(
			'SELECT before_facts FROM wheel_versions WHERE id = ?',
			[version!.id]
		);
		expect(await keptFacts(kept!.before_facts)).to.include({ marking: 'WA 80 H 8 V', ratedMps: 40 });
	});
	it('stops an open setup that it is too slow for, at once', async () => {
		const { id, number } = await workedUpTo('run-in.start');
		await correctWheel(number, { ...AS_READ, ratedMps: 20 }, WHY, key(), await lead());
		const { hardStops } = await import('../../src/core/route/hard-stops.js');
		expect(hardStops(await facts(id)).map((s) => s.code)).to.include('rated-speed-too-low');
	});
	it('without a speed it is set aside; nothing is corrected into nothing, nor by the same', async () => {
		const number = await wheel();
		const as = async (change: object, k = key()) =>
			correctWheel(number, { ...AS_READ, ...change }, WHY, k, await lead());
		await refusedWith('inconsistent', as({}));
		await refusedWith('inconsistent', as({ boreMm: 295 }));
		await refusedWith('below-minimum', correctWheel(number, AS_READ, 'short', key(), await lead()));
		await as({ ratedMps: null });
		expect(await wheelByNumber(number)).to.include({ state: 'quarantined', ratedMps: null });
	});
	it('sent twice it is corrected once', async () => {
		const number = await wheel();
		const k = key();
		for (let i = 0; i < 2; i++)
			await correctWheel(number, { ...AS_READ, place: 'bay 9' }, WHY, k, await lead());
		expect(await wheelVersions((await wheelByNumber(number))!.id)).to.have.length(1);
	});
});
