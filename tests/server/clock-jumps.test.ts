import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { setClock } from '../../src/lib/server/storage/pool.js';
import { record } from '../../src/lib/server/setups/record.js';
import { facts, freeSpindles, key, machinist, setup, step, wheel } from './fixtures.js';
import { GOOD } from '../shared/good-work.js';

const HOUR = 3_600_000;

describe('a clock of the server that jumps', () => {
	after(() => setClock(null));

	it('an hour back and a day ahead: nothing is lost, nothing changes its order, nothing is proved or lost by it', async () => {
		const steps = GOOD.slice(
			0,
			GOOD.findIndex(([s]) => s === 'run-in')
		);
		const done = async (at: (i: number) => number | null) => {
			const id = await setup();
			await step(id, 'select', 'take', { wheelNumber: await wheel() });
			for (const [i, [station, name, values]] of steps.entries()) {
				const now = at(i);
				setClock(now === null ? null : () => now);
				try {
					await step(id, station, name, values);
				} finally {
					setClock(null);
				}
			}
			return facts(id);
		};
		const plain = await done(() => null);
		const jumping = await done((i) => Date.now() + (i % 3 === 1 ? -HOUR : i % 3 === 2 ? 24 * HOUR : 0));
		const told = (f: typeof plain) =>
			f.records.map((r) => `${r.station}.${r.step} ${r.calculation} ${r.verdict}`);
		expect(told(jumping)).to.deep.equal(told(plain));
		const lines = (f: typeof plain) =>
			decide(f).stations.map((s) => [s.id, s.lines.map((l) => `${l.key} ${l.state}`)]);
		expect(lines(jumping)).to.deep.equal(lines(plain));
	});
	it('what waited in a browser as a caution and is a stop by now is kept as a stop, whatever reason came with it', async () => {
		const id = await setup();
		await step(id, 'select', 'take', { wheelNumber: await wheel() });
		for (const [station, name, values] of GOOD.filter(([s]) => s === 'inspect'))
			await step(id, station, name, values);
		await freeSpindles(id);
		await record(
			id,
			{
				station: 'mount',
				step: 'fit',
				values: { boreMm: 76.2, arborMm: 76.2, forced: true },
				version: (await facts(id)).version,
				key: key(),
				reason: 'it was a caution when it was entered'
			},
			await machinist()
		);
		const r = (await facts(id)).records.at(-1)!;
		expect(r).to.include({ verdict: 'stop', overrideReason: null });
		expect(
			decide(await facts(id))
				.stations.find((s) => s.id === 'mount')!
				.lines.some((l) => l.state === 'stop')
		).to.equal(true);
	});
});
