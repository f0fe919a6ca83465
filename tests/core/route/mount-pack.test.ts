import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import type { Companion } from '../../../src/core/facts/wheel.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { computeStep } from '../../../src/core/route/compute-step.js';
import { turningLimit } from '../../../src/core/route/stations/mount/turning.js';
import { speedStep } from '../../../src/core/route/stations/run-in/speed.js';
import { WHEEL, did, faults, line } from '../../shared/setup-in-memory.js';
import { held, inspected, keys, out } from './on-mount.js';

describe('Mount: a tool pack', () => {
	const ARBOR = {
		seatDiameterMm: 76.19,
		seatLengthMm: 40,
		threadEndMm: 80,
		nutThicknessMm: 20,
		maxSpeedRpm: 4000
	};
	const part = (kind: string, more: object) => ({
		kind,
		name: null,
		thicknessMm: 10,
		boreMm: 76.2,
		diameterMm: null,
		maxSpeedRpm: null,
		maxSpeedMps: null,
		rimBackOffsetMm: 0,
		rimWidthMm: null,
		cornerRadiusBackMm: null,
		cornerRadiusFrontMm: null,
		fingerRadialUm: null,
		fingerAxialUm: null,
		measured: null,
		...more
	});
	const lead = (more: object = {}) =>
		part('wheel', { name: '0411', thicknessMm: 32, diameterMm: 290, maxSpeedMps: 40, ...more });
	const WHOLE = [lead(), part('washer', {})];
	const start = () => inspected(held('pack'));
	const stack = (f: SetupFacts, items: object[], stage = 'plan') =>
		did(f, 'mount', 'pack', { arbor: ARBOR, stage, items });
	const companion = (more: Partial<Companion> = {}): Companion => ({
		wheel: { ...WHEEL, id: 12, number: '0412' },
		look: { id: 900, verdict: 'ok', mayProceed: true },
		ring: { id: 901, verdict: 'ok', mayProceed: true },
		...more
	});

	it('asks for the stack, thread and tightening, measuring and standing for it', () => {
		expect(keys(start())).to.deep.equal(['stack', 'thread', 'tighten', 'measured', 'qualified']);
		expect(keys({ ...start(), companions: [companion()] })).to.include('companions');
	});
	it('belongs to this setup: its wheel is in it, at a speed it is marked with', () => {
		faults('inconsistent', 'items', () => stack(start(), [lead({ name: '0999' })]));
		faults('above-maximum', 'items.0.maxSpeedMps', () => stack(start(), [lead({ maxSpeedMps: 45 })]));
	});
	it('runs no faster than its slowest part allows', () => {
		const second = { ...WHEEL, id: 12, number: '0412' };
		const f = stack({ ...start(), named: [WHEEL, second] }, [
			lead(),
			part('spacer', { thicknessMm: 20 }),
			part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 290, maxSpeedRpm: 2400 })
		]);
		expect(out(f, 'pack').maxSpeedRpm).to.equal(2400);
		const slow = stack({ ...start(), named: [WHEEL, second] }, [
			lead(),
			part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 290, maxSpeedRpm: 2200 })
		]);
		expect(line(slow, 'mount', 'stack')!.state, 'the spindle runs 2300').to.equal('stop');
	});
	it('is judged by its slowest wheel at the diameter it had when new, at the tachometer too', () => {
		// Worn from 320 to 200 mm: what its 40 m/s were in rpm when new they still are.
		const second = { ...WHEEL, id: 12, number: '0412', newDiameterMm: 320, diameterMm: 200, ratedMps: 40 };
		const known = { ...start(), named: [WHEEL, second] };
		const f = stack(known, [
			lead(),
			part('spacer', { thicknessMm: 20 }),
			part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 200, maxSpeedMps: 40 })
		]);
		const limit = (40 * 60000) / (Math.PI * 320);
		expect(out(f, 'pack').maxSpeedRpm).to.be.closeTo(limit, 1e-6);
		const turning = turningLimit({ ...f, companions: [companion({ wheel: second })] })!;
		expect(turning.rpm).to.be.closeTo(limit, 1e-6);
		expect(turning.because).to.equal('wheel 0412');
		expect(
			turningLimit({ ...f, companions: [companion({ wheel: { ...second, ratedMps: null } })] })
		).to.equal(null);
		const read = computeStep(
			speedStep,
			{ ...f, companions: [companion({ wheel: second })] },
			{ measuredRpm: 2390, stage: 'before-wheel' }
		);
		expect(read.main.output.reasons.map((r) => r.code)).to.include('overspeed');
	});
	it('takes no wheel larger or wider than the machine takes, whatever was typed of it', () => {
		const big = { ...WHEEL, id: 12, number: '0412', newDiameterMm: 310, diameterMm: 310 };
		const typed = part('wheel', { name: '0412', thicknessMm: 20, diameterMm: 280, maxSpeedMps: 40 });
		faults('wheel-too-large', 'items.1.name', () =>
			stack({ ...start(), named: [WHEEL, big] }, [lead(), typed])
		);
		const wide = { ...WHEEL, id: 12, number: '0412', widthMm: 60 };
		faults('wheel-too-wide', 'items.1.name', () =>
			stack({ ...start(), named: [WHEEL, wide] }, [lead(), typed])
		);
	});
	it('a bore that does not belong on the arbor is a stop', () => {
		const state = (boreMm: number) =>
			line(stack(start(), [lead(), part('washer', { boreMm })]), 'mount', 'stack')!.state;
		expect([76.2, 76.18, 75].map(state)).to.deep.equal(['ok', 'stop', 'stop']);
	});
	it('waits for the look and the ring of the wheels beside the first, and says which', () => {
		const f = {
			...stack(start(), WHOLE),
			companions: [companion(), companion({ wheel: { ...WHEEL, id: 13, number: '0413' }, ring: null })]
		};
		expect(line(f, 'mount', 'companions')).to.include({ state: 'open', value: '0413: at the rack' });
		const dull = { ...f, companions: [companion({ ring: { id: 901, verdict: 'stop', mayProceed: false } })] };
		expect(line(dull, 'mount', 'companions')).to.include({
			state: 'stop',
			value: '0412 did not pass. Take another one.'
		});
		expect(refuse(did(dull, 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.companions');
	});
	it('is stood for as it is; measured again it has to be stood for again', () => {
		const measured = {
			rimBackMm: 0,
			rimFrontMm: 32,
			diameterMm: 290,
			radialRunoutUm: 8,
			axialRunoutUm: 6,
			revision: 1,
			confirmedRevision: 1,
			cornerRadiusBackMm: null,
			cornerRadiusFrontMm: null
		};
		let f = stack(start(), [lead({ measured }), part('washer', {})], 'release');
		expect(line(f, 'mount', 'qualified')!.state).to.equal('ok');
		f = stack(
			f,
			[lead({ measured: { ...measured, radialRunoutUm: 9, revision: 2 } }), part('washer', {})],
			'release'
		);
		expect(line(f, 'mount', 'qualified')!.state).to.not.equal('ok');
	});
});
