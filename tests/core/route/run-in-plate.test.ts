import { expect } from 'chai';
import { decide } from '../../../src/core/route/engine.js';
import { did, faults, line, worked } from '../../shared/setup-in-memory.js';

describe('Run in without a tachometer', () => {
	const started = () => {
		const f = worked('run-in.speed');
		return {
			...f,
			machine: { ...f.machine, drive: 'induction-direct' as const, plateRpm: 1420, mainsHz: '50' as const }
		};
	};
	const SAME = { unchanged: true, noInverter: true };

	it('is known by the plate of the motor, said as a bound and how it is known', () => {
		const f = did(started(), 'run-in', 'plate', SAME);
		expect(line(f, 'run-in', 'speed')).to.deep.include({
			state: 'ok',
			value: 'at most 1500 rpm of 2546 rpm',
			basis: { kind: 'by-hand', how: 'plate of the motor' }
		});
		const ran = did({ ...f, nowMs: f.nowMs + 600_000 }, 'run-in', 'outcome', { heard: 'normal' });
		expect(decide(ran).current).to.equal('true');
	});
	it('is refused where an answer says no, or where nobody has said how the spindle is driven', () => {
		faults('inconsistent', 'noInverter', () =>
			did(started(), 'run-in', 'plate', { unchanged: true, noInverter: false })
		);
		faults('inconsistent', 'unchanged', () =>
			did(started(), 'run-in', 'plate', { unchanged: false, noInverter: true })
		);
		for (const drive of [null, 'pulleys', 'variable'] as const)
			faults('missing', 'plate', () => {
				const f = started();
				did({ ...f, machine: { ...f.machine, drive } }, 'run-in', 'plate', SAME);
			});
	});
	it('a tachometer that was read counts, whatever the plate says after it', () => {
		const fast = did(started(), 'run-in', 'speed', { measuredRpm: 2200, stage: 'after-wheel' });
		const f = did(fast, 'run-in', 'plate', SAME);
		expect(line(f, 'run-in', 'speed')!.value).to.equal('2200 rpm of 2546 rpm');
	});
});
