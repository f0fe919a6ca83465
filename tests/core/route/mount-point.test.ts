import { expect } from 'chai';
import fc from 'fast-check';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { waysFor } from '../../../src/core/route/stations/dress/method.js';
import { shankMm } from '../../../src/core/route/stations/mount/methods/point.js';
import { turningLimit } from '../../../src/core/route/stations/mount/turning.js';
import { DIAMOND, MOUNT, did, faults, line, setup, took } from '../../shared/setup-in-memory.js';
import { GRINDER, POINT, STICK, keys, looked, out, start } from './on-mount.js';

describe('Mount: a mounted point', () => {
	const HELD = { overhangMm: 13, spindleLengthMm: 40 };
	const gripped = () => did(looked(), 'mount', 'point', HELD);

	it('it is looked at, not rung: nothing about a ring is asked or shown', () => {
		const f = looked();
		expect(line(f, 'inspect', 'ring')).to.equal(undefined);
		expect(decide(f).current).to.equal('mount');
		expect(keys(f)).to.deep.equal(['point', 'tighten']);
	});
	it('it is closed after it was measured, and is then on the machine', () => {
		expect(refuse(looked(), 'mount', 'tighten')!.code).to.equal('mount.point');
		const f = did(gripped(), 'mount', 'tighten', { done: true });
		expect(out(f, 'point')).to.include({ gripMm: 27, limitRpm: 34000 });
		expect(line(f, 'mount', 'point')).to.include({ state: 'ok', value: '27 mm held, 27 % of its whirl' });
		expect(line(f, 'mount', 'tighten')).to.include({ state: 'ok', value: 'on 27 mm' });
		expect(f.wheel!.state).to.equal('mounted');
		expect(decide(f).current).to.equal('run-in');
	});
	it('measured anew it was opened: it is closed again', () => {
		const f = did(did(gripped(), 'mount', 'tighten', { done: true }), 'mount', 'point', HELD);
		expect(line(f, 'mount', 'tighten')!.state).to.equal('open');
	});
	it('held too short, or near its whirl, it does not turn whatever is said', () => {
		for (const values of [
			{ overhangMm: 30, spindleLengthMm: 39 },
			{ overhangMm: 60, spindleLengthMm: 90 }
		]) {
			const f = did(looked(), 'mount', 'point', values, 'It has always run like that here');
			expect(line(f, 'mount', 'point')!.state).to.equal('stop');
			expect(refuse(f, 'mount', 'tighten')!.message).to.be.a('string');
			expect(refuse(f, 'run-in', 'start')).to.not.equal(null);
		}
	});
	it('the table of its maker lowers what may turn, and never lifts the mark', () => {
		const limit = (tableRpm: number) =>
			turningLimit(did(looked(), 'mount', 'point', { ...HELD, tableRpm }))!.rpm;
		expect(limit(31000)).to.equal(31000);
		expect(limit(60000)).to.equal(34000);
		expect(
			line(did(looked(), 'mount', 'point', { ...HELD, tableRpm: 29000 }), 'mount', 'point')!.state
		).to.equal('stop');
	});
	it('a longer overhang never whirls later, and never lets it turn faster', () =>
		fc.assert(
			fc.property(fc.integer({ min: 5, max: 40 }), fc.integer({ min: 1, max: 20 }), (overhangMm, more) => {
				const at = (mm: number) =>
					did(looked(), 'mount', 'point', { overhangMm: mm, spindleLengthMm: 80 }, 'only to compare it');
				const [near, far] = [at(overhangMm), at(overhangMm + more)];
				expect(out(far, 'point').whirlRpm!).to.be.below(out(near, 'point').whirlRpm!);
				expect(turningLimit(far)!.rpm).to.be.at.most(turningLimit(near)!.rpm);
			}),
			{ numRuns: 25 }
		));
	it('only the stick serves: a thin shank bends under anything else', () => {
		const f = { ...looked(), dressers: [DIAMOND, STICK] };
		const ways = waysFor(f, { seen: 'just-trued', form: 'flat', rimResistanceOhm: null }).output;
		expect(ways.ranked.map((r) => r.method)).to.deep.equal(['stick']);
		expect(ways.excluded.find((e) => e.method === 'single-point')!.code).to.equal('on-its-shank');
	});
	it('a wheel without a shank is not taken here, nor a point anywhere else', () => {
		faults('inconsistent', 'wheelNumber', () => took(start(), { ...POINT, shape: '1' }));
		const plain = did(
			setup({ machine: { ...GRINDER, seatMm: 6 }, mount: { ...MOUNT, seatMm: 6 } }),
			'brief',
			'brief'
		);
		expect(faults('inconsistent', 'wheelNumber', () => took(plain, POINT)).message).to.match(/collet/);
	});
	it('its shank is a size shanks are made in', () => {
		expect([6.01, 3.17, 6.35].map((boreMm) => shankMm({ number: '1', boreMm }))).to.deep.equal([
			'6',
			'3.175',
			'6.35'
		]);
		faults('inconsistent', 'wheel', () => shankMm({ number: '1', boreMm: 5 }));
	});
});
