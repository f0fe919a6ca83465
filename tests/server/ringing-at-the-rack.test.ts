import { expect } from 'chai';
import { type Condition } from '../../src/core/inspect/ring/conditions.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { ringsOf } from '../../src/lib/server/recordings/recordings.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { key, lead, machinist, refusedWith, wheel, workedUpTo } from './fixtures.js';
import { SEEN, CLEAR, put } from './inspecting.js';

describe('ringing at the rack', () => {
	const rung = async (condition: Condition | null, taps: object = CLEAR) => {
		const number = await wheel();
		const who = await machinist();
		await inspectAtRack(number, 'look', SEEN, key(), who);
		if (condition) await put(number, condition);
		await inspectAtRack(number, 'ring', taps, key(), who);
		return (await wheelByNumber(number))!;
	};
	it('wants a look first', async () => {
		await refusedWith('inspect.look', inspectAtRack(await wheel(), 'ring', CLEAR, key(), await machinist()));
	});
	it('keeps the first ring found clear by ear and recording as what later ones are compared with', async () => {
		const w = await rung('clear');
		expect(w.state).to.equal('available');
		const first = await ringsOf(w);
		expect(first.pastRings.map((p) => p.baseline)).to.deep.equal([true]);
		expect(first.pastRings[0]!.modulusGPa).to.be.above(5);
		const again = await put(w.number, 'clear');
		expect(again.result.frequencyShiftPct).to.be.closeTo(0, 0.5);
		expect((await ringsOf(w)).recordings.at(-1)!.settings.baseline!.frequencyHz).to.be.closeTo(
			first.pastRings[0]!.frequencyHz!,
			0.1
		);
	});
	it('tells a wheel from its batch', async () => {
		const alike = {
			marking: 'WA 46 L 6 V',
			newDiameterMm: 250,
			diameterMm: 250,
			widthMm: 25,
			boreMm: 76.2,
			massKg: 2.4,
			minDiameterMm: 150
		};
		for (let i = 0; i < 2; i++) {
			const number = await wheel(alike);
			await inspectAtRack(number, 'look', SEEN, key(), await machinist());
			await put(number, 'clear');
			await inspectAtRack(number, 'ring', CLEAR, key(), await machinist());
		}
		const number = await wheel(alike);
		expect((await ringsOf((await wheelByNumber(number))!)).batchGPa.length).to.equal(2);
		expect((await put(number, 'clear')).result.ring).to.equal('clear');
	});
	it('a dull recording sets the wheel aside however clear it sounded', async () => {
		expect(await rung('damped')).to.include({ state: 'quarantined' });
	});
	it('a dull ear sets it aside however clear the recording', async () => {
		expect(await rung('clear', { taps: ['clear', 'dull'] })).to.include({ state: 'quarantined' });
	});
	it('a clear recording without an ear is refused', async () => {
		const number = await wheel();
		await inspectAtRack(number, 'look', SEEN, key(), await machinist());
		await put(number, 'clear');
		await refusedWith('too-few', inspectAtRack(number, 'ring', { taps: [] }, key(), await machinist()));
	});
	it('a wheel in a setup is inspected there, a scrapped one never', async () => {
		const { number } = await workedUpTo('inspect.look');
		await refusedWith('held', inspectAtRack(number, 'look', SEEN, key(), await machinist()));
		const gone = await wheel();
		await judgeWheel(gone, 'scrap', 'broken up for this test', await lead());
		await refusedWith('scrapped', inspectAtRack(gone, 'look', SEEN, key(), await machinist()));
		await refusedWith('unknown-choice', inspectAtRack(gone, 'taste', SEEN, key(), await machinist()));
	});
});
