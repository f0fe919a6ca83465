import { expect } from 'chai';
import { record } from '../../src/lib/server/setups/record.js';
import { facts, key, machinist, refusedWith, step, wheel } from './fixtures.js';
import { on, current, line } from './on-a-route.js';

const SEEN = { crack: false, markingLegible: true };
const cutter = {
	marking: 'WA 60 K 7 V',
	newDiameterMm: 150,
	diameterMm: 148,
	widthMm: 20,
	boreMm: 31.75,
	minDiameterMm: 100,
	massKg: 0.74,
	ratedMps: 35
};
const ARBOR = {
	seatDiameterMm: 31.74,
	seatLengthMm: 60,
	threadEndMm: 84,
	nutThicknessMm: 14,
	maxSpeedRpm: 5200
};

describe('a tool pack', () => {
	const ready = async () => {
		const id = await on('tool-pack', 'TC-1', { operation: 'tool-cutter' });
		const number = await wheel(cutter);
		await step(id, 'select', 'take', { wheelNumber: number });
		await step(id, 'inspect', 'look', SEEN);
		await step(id, 'inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') });
		return { id, number };
	};
	const stack = (number: string, measured: object | null = null) => [
		{ kind: 'spacer', thicknessMm: 34, boreMm: 31.76 },
		{
			kind: 'wheel',
			name: number,
			thicknessMm: 20,
			boreMm: 31.75,
			diameterMm: 148,
			maxSpeedMps: 35,
			measured
		},
		{ kind: 'washer', thicknessMm: 6, boreMm: 31.8 }
	];
	const MEASURED = {
		rimBackMm: 34.01,
		rimFrontMm: 54.02,
		diameterMm: 148,
		radialRunoutUm: 5,
		axialRunoutUm: 6,
		revision: 1,
		confirmedRevision: 1
	};
	it('is built, tightened, measured and stood for; an edit takes that away', async () => {
		const { id, number } = await ready();
		await step(id, 'mount', 'pack', { arbor: ARBOR, stage: 'plan', items: stack(number) });
		expect((await line(id, 'mount', 'stack')).state).to.equal('ok');
		await step(id, 'mount', 'thread', {});
		await step(id, 'mount', 'tighten', { done: true });
		expect(await current(id)).to.equal('mount');
		await step(id, 'mount', 'pack', { arbor: ARBOR, stage: 'release', items: stack(number, MEASURED) });
		expect(await current(id)).to.equal('run-in');
		await step(id, 'mount', 'pack', {
			arbor: ARBOR,
			stage: 'assembled',
			items: stack(number, { ...MEASURED, revision: 2 })
		});
		expect((await line(id, 'mount', 'qualified')).state).to.equal('now');
		expect(await current(id)).to.equal('mount');
	});
	it('a 32 seat, five wheels, a stack without its own wheel: each has its word and is not stored as good', async () => {
		const { id, number } = await ready();
		await step(id, 'mount', 'pack', { arbor: { ...ARBOR, seatDiameterMm: 32 }, items: stack(number) });
		expect((await line(id, 'mount', 'stack')).value).to.match(/does not belong on a seat of 32/);
		await refusedWith('mount.stack', step(id, 'mount', 'tighten', { done: true }));
		await refusedWith(
			'too-many-wheels',
			step(id, 'mount', 'pack', { arbor: ARBOR, items: Array.from({ length: 5 }, () => stack(number)[1]) })
		);
		expect(
			(await refusedWith('inconsistent', step(id, 'mount', 'pack', { arbor: ARBOR, items: stack('0000') })))
				.message
		).to.contain(number);
	});
	it('two people at one mount: the second is told to look again', async () => {
		const { id, number } = await ready();
		const version = (await facts(id)).version;
		const send = async () =>
			record(
				id,
				{
					station: 'mount',
					step: 'pack',
					values: { arbor: ARBOR, items: stack(number) },
					version,
					key: key()
				},
				await machinist()
			);
		await send();
		await refusedWith('changed-meanwhile', send());
	});
});
