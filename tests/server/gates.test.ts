import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { write } from '../../src/lib/server/storage/pool.js';
import { inspectAtRack } from '../../src/lib/server/wheels/inspections.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { acceptCaution } from '../../src/lib/server/setups/accept.js';
import { record } from '../../src/lib/server/setups/record.js';
import {
	facts,
	key,
	lead,
	machinist,
	refusedWith,
	setup,
	step,
	user,
	wheel,
	workedUpTo
} from './fixtures.js';
import { GOOD } from '../shared/good-work.js';

const good = (name: string) => GOOD.find(([s, n]) => `${s}.${n}` === name)![2];
const verdictOf = async (id: number, station: string, name: string) =>
	(await facts(id)).records.filter((r) => r.station === station && r.step === name).at(-1)!.verdict;

describe('gates that can never be passed', () => {
	it('a setup worked in order is released', async () => {
		const { id } = await workedUpTo('never');
		const f = await facts(id);
		expect(f.state).to.equal('released');
		expect(decide(f).current).to.equal('keep');
		expect(f.wheel!.state).to.equal('mounted');
		expect(f.wheel!.diameterMm).to.equal(289.6);
	});

	it('rated speed below the spindle', async () => {
		const slow = await wheel({ ratedMps: 30 });
		const id = await setup();
		await refusedWith('rated-speed-too-low', step(id, 'select', 'take', { wheelNumber: slow }));
		const { id: under } = await workedUpTo('run-in.start');
		await write('UPDATE machines SET spindle_rpm = 2700 WHERE code = ?', ['SG-1']);
		try {
			await refusedWith(
				'rated-speed-too-low',
				step(under, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' })
			);
		} finally {
			await write('UPDATE machines SET spindle_rpm = 2300 WHERE code = ?', ['SG-1']);
		}
	});

	it('a tachometer above what the wheel allows', async () => {
		const { id } = await workedUpTo('run-in.start');
		await step(id, 'run-in', 'speed', { measuredRpm: 2600, stage: 'before-wheel' });
		expect(await verdictOf(id, 'run-in', 'speed')).to.equal('stop');
		await refusedWith('run-in.speed', step(id, 'run-in', 'start', good('run-in.start')));
	});

	it('wheel failed inspection: quarantined, and no setup takes it again', async () => {
		const { id, number } = await workedUpTo('inspect.look');
		await step(id, 'inspect', 'look', { ...good('inspect.look'), crack: true });
		expect((await facts(id)).wheel!.state).to.equal('quarantined');
		await refusedWith('wheel-quarantined', step(id, 'inspect', 'ring', good('inspect.ring')));
		await refusedWith(/held|quarantined/, step(await setup(), 'select', 'take', { wheelNumber: number }));
	});

	it('a wheel quarantined by somebody else while the setup runs', async () => {
		const { id, number } = await workedUpTo('true.runout');
		await judgeWheel(number, 'quarantine', 'knocked against the bench', await machinist());
		await refusedWith('wheel-quarantined', step(id, 'true', 'runout', good('true.runout')));
		await refusedWith('lead-only', judgeWheel(number, 'clear', 'looked fine to me again', await machinist()));
		await refusedWith('inspect.look', judgeWheel(number, 'clear', 'looked fine to me again', await lead()));
		await inspectAtRack(number, 'look', good('inspect.look'), key(), await machinist());
		await refusedWith('inspect.ring', judgeWheel(number, 'clear', 'looked fine to me again', await lead()));
		await inspectAtRack(number, 'ring', good('inspect.ring'), key(), await machinist());
		await judgeWheel(number, 'clear', 'inspected again, nothing found', await lead());
		await step(id, 'true', 'runout', good('true.runout'));
	});

	it('wrong bore', async () => {
		const id = await setup();
		await refusedWith(
			'bore-mismatch',
			step(id, 'select', 'take', { wheelNumber: await wheel({ boreMm: 76 }) })
		);
		await refusedWith(
			'bore-mismatch',
			step(id, 'select', 'take', { wheelNumber: await wheel({ boreMm: 127 }) })
		);
	});

	it('a dull ring at any place, and no reason lifts it', async () => {
		const { id } = await workedUpTo('inspect.ring');
		await step(id, 'inspect', 'ring', { taps: ['clear', 'clear', 'dull'] });
		const f = await facts(id);
		const ring = f.records.at(-1)!;
		expect(f.wheel!.state).to.equal('quarantined');
		await refusedWith(
			'stop-stays',
			acceptCaution(id, ring.id, 'it sounded fine the second time', f.version, key(), await lead())
		);
		await refusedWith('wheel-quarantined', step(id, 'mount', 'fit', good('mount.fit')));
	});

	it('fewer taps than the plan asks for', async () => {
		const { id } = await workedUpTo('inspect.ring');
		await refusedWith('too-few', step(id, 'inspect', 'ring', { taps: ['clear', 'clear'] }));
	});

	it('a thread that loosens', async () => {
		const { id } = await workedUpTo('mount.thread');
		await write("UPDATE mounts SET retention = 'single-nut', thread_hand = 'right' WHERE code = 'F1'");
		try {
			await step(id, 'mount', 'thread', {});
			expect(await verdictOf(id, 'mount', 'thread')).to.equal('stop');
			await refusedWith('mount.thread', step(id, 'mount', 'tighten', { done: true }));
		} finally {
			await write("UPDATE mounts SET retention = 'flange-screws', thread_hand = 'left' WHERE code = 'F1'");
		}
	});

	it('flanges under size', async () => {
		const { id } = await workedUpTo('mount.flange');
		await step(id, 'mount', 'flange', {
			...good('mount.flange'),
			backFlangeDiameterMm: 90,
			frontFlangeDiameterMm: 90,
			backRecessDiameterMm: 80,
			frontRecessDiameterMm: 80
		});
		expect(await verdictOf(id, 'mount', 'flange')).to.equal('stop');
		await refusedWith('mount.flange', step(id, 'mount', 'tighten', { done: true }));
		await refusedWith('mount.flange', step(id, 'run-in', 'speed', good('run-in.start')));
	});

	it('the dresser on the ingoing side', async () => {
		const { id } = await workedUpTo('dress.position');
		await step(id, 'dress', 'position', { offsetMm: 6, dragAngleDeg: 12 });
		expect(await verdictOf(id, 'dress', 'position')).to.equal('stop');
		await refusedWith('dress.position', step(id, 'dress', 'done', good('dress.done')));
		await refusedWith('dress.position', step(id, 'prove', 'release', good('prove.release')));
	});

	it('a free run cut short', async () => {
		const { id } = await workedUpTo('run-in.outcome');
		await step(id, 'run-in', 'outcome', { heard: 'normal' });
		expect(await verdictOf(id, 'run-in', 'outcome')).to.equal('stop');
		await refusedWith('run-in.outcome', step(id, 'true', 'runout', good('true.runout')));
	});

	it('stations out of order, a released wheel, a viewer', async () => {
		const { id } = await workedUpTo('balance.swing');
		await refusedWith(/^balance\./, step(id, 'prove', 'release', good('prove.release')));
		await refusedWith(
			'viewer',
			record(
				id,
				{ station: 'balance', step: 'stays', values: {}, version: (await facts(id)).version, key: key() },
				await user('Piet Aalders')
			)
		);
		const { id: out } = await workedUpTo('never');
		await refusedWith('released', step(out, 'true', 'runout', good('true.runout')));
	});

	it('truing again spoils the balance and the dress', async () => {
		const { id } = await workedUpTo('prove.release');
		await step(id, 'true', 'after', { ...good('true.after'), diameterAfterMm: 289.4 });
		await refusedWith(/^balance\./, step(id, 'prove', 'release', good('prove.release')));
		expect(decide(await facts(id)).current).to.equal('balance');
	});
});

describe('the taper under the flange', () => {
	const flange = {
		backFlangeDiameterMm: 115,
		frontFlangeDiameterMm: 115,
		backRecessDiameterMm: 92,
		frontRecessDiameterMm: 92,
		clean: true,
		burred: false,
		runoutUm: 3,
		backBlotter: 'good',
		frontBlotter: 'good',
		blotterOuterMm: 120,
		blotterInnerMm: 77,
		blotterThicknessMm: 0.5
	};
	it('is a line of its own when it was measured, and holds the nut back when it is out', async () => {
		const { id } = await workedUpTo('mount.flange');
		await step(id, 'mount', 'flange', { ...flange, taperRunoutUm: 40 });
		await step(id, 'mount', 'thread', {});
		await refusedWith('mount.taper', step(id, 'mount', 'tighten', { done: true }));
		await step(id, 'mount', 'flange', { ...flange, taperRunoutUm: 3 });
		await step(id, 'mount', 'tighten', { done: true });
	});
	it('is no line when it was not measured with the flanges that count', async () => {
		const { id } = await workedUpTo('mount.flange');
		await step(id, 'mount', 'flange', { ...flange, taperRunoutUm: 3 });
		await step(id, 'mount', 'flange', flange);
		expect(
			decide(await facts(id))
				.stations.find((s) => s.id === 'mount')!
				.lines.map((l) => l.key)
		).not.to.include('taper');
	});
});
