import { expect } from 'chai';
import { refuse } from '../../../src/core/route/engine.js';
import type { Companion, SetupFacts } from '../../../src/core/route/facts.js';
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
