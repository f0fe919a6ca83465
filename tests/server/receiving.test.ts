import { expect } from 'chai';
import { keepPicture, picturesOfWheel } from '../../src/lib/server/wheels/pictures.js';
import { receiveWheel } from '../../src/lib/server/wheels/inspections.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { rows } from '../../src/lib/server/storage/pool.js';
import { key, machinist, refusedWith } from './fixtures.js';
import { picture, SEEN } from './inspecting.js';

const NEW = {
	marking: 'WA 60 K 8 V',
	newDiameterMm: 300,
	diameterMm: 300,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.66,
	ratedMps: 40,
	place: 'test'
};
let next = 0;
const fresh = () => `R${String(++next).padStart(3, '0')}`;

describe('receiving a wheel', () => {
	it('puts it on the rack with its look and its pictures, once', async () => {
		const who = await machinist();
		const number = fresh();
		await keepPicture('wheel-new', await picture(), who);
		const k = key();
		const first = await receiveWheel({ ...NEW, number }, SEEN, k, who);
		expect(first).to.deep.equal({ number, state: 'available' });
		expect(await receiveWheel({ ...NEW, number }, SEEN, k, who)).to.deep.equal(first);
		const w = (await wheelByNumber(number))!;
		expect((await picturesOfWheel(w.id)).length).to.equal(1);
		expect((await ledger(w.id)).map((l) => l.kind)).to.deep.equal(['received', 'inspected']);
		const record = (
			await rows<{ setup_id: null; machine_id: null; calculation: string }>(
				'SELECT setup_id, machine_id, calculation FROM records WHERE wheel_id = ?',
				[w.id]
			)
		)[0]!;
		expect(record).to.deep.equal({ setup_id: null, machine_id: null, calculation: 'inspect.visual' });
	});
	it('sets it aside for what the look condemns', async () => {
		for (const [seen, reason] of [
			[{ ...SEEN, crack: true }, /crack/],
			[{ ...SEEN, dropped: true }, /fell/],
			[{ ...SEEN, chips: [{ sizeMm: 1, zone: 'bore', angleDeg: 30 }] }, /chip at the bore/],
			[{ ...SEEN, markingLegible: false }, /cannot be read/]
		] as const) {
			const number = fresh();
			expect((await receiveWheel({ ...NEW, number }, seen, key(), await machinist())).state).to.equal(
				'quarantined'
			);
			expect((await wheelByNumber(number))!.stateReason).to.match(reason);
		}
	});
	it('works out the date of an organic bond from the day it was made', async () => {
		const number = fresh();
		await receiveWheel(
			{ ...NEW, number, marking: 'A 60 N 6 B', madeOn: '2024-02-29' },
			SEEN,
			key(),
			await machinist()
		);
		expect((await wheelByNumber(number))!.expiresOn).to.equal('2027-02-28');
		const old = fresh();
		expect(
			(
				await receiveWheel(
					{ ...NEW, number: old, marking: 'A 60 N 6 B', madeOn: '2020-01-01' },
					SEEN,
					key(),
					await machinist()
				)
			).state
		).to.equal('quarantined');
		expect(
			(
				await refusedWith(
					'inconsistent',
					receiveWheel(
						{ ...NEW, number: fresh(), marking: 'A 60 N 6 B', madeOn: '2026-01-02', expiresOn: '2026-01-01' },
						SEEN,
						key(),
						await machinist()
					)
				)
			).field
		).to.equal('madeOn');
	});
	it('leaves nothing behind when something is wrong', async () => {
		const number = fresh();
		await refusedWith(
			'missing',
			receiveWheel({ ...NEW, number }, { markingLegible: true }, key(), await machinist())
		);
		await refusedWith(
			'inconsistent',
			receiveWheel({ ...NEW, number, boreMm: 400 }, SEEN, key(), await machinist())
		);
		expect(await wheelByNumber(number)).to.equal(undefined);
	});
});
