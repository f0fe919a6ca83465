import { expect } from 'chai';
import fc from 'fast-check';
import { refuse } from '../../../src/core/route/engine.js';
import { MOUNT, did, faults, line, worked, recordOf } from '../../shared/setup-in-memory.js';
import { FLANGE } from '../../shared/good-work.js';
import { keys, open, out } from './on-mount.js';

describe('Mount: between flanges', () => {
	it('asks for fit, flanges, thread and tightening, and no more', () => {
		expect(keys(worked('mount.fit'))).to.deep.equal(['fit', 'flange', 'thread', 'tighten']);
		expect(open(worked('run-in.start'))).to.deep.equal([]);
	});
	it('knows mass and clamping from the shop: only what is measured is asked', () => {
		const f = worked('run-in.start');
		expect(recordOf(f, 'mount', 'fit')!.input.massKg as number).to.be.within(4, 4.6);
		expect(recordOf(f, 'mount', 'flange', 'mount.flange-check')!.input.clampForceN).to.be.closeTo(
			(6 * 8) / (0.2 * 0.008),
			1e-9
		);
	});
	it('a taper that runs out holds the nut back, and counts only with the flanges it was measured with', () => {
		const out = did(worked('mount.flange'), 'mount', 'flange', { ...FLANGE, taperRunoutUm: 60 });
		expect(line(out, 'mount', 'taper')!.state).to.not.equal('ok');
		expect(refuse(did(out, 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.taper');
		const again = did(out, 'mount', 'flange', FLANGE);
		expect(line(again, 'mount', 'taper')).to.equal(undefined);
	});
	it('a wheel is never forced, whatever the play', () =>
		fc.assert(
			fc.property(fc.double({ min: 0.005, max: 0.25, noNaN: true }), (play) => {
				const f = did(worked('mount.fit'), 'mount', 'fit', {
					boreMm: 76.2 + play,
					arborMm: 76.2,
					forced: true
				});
				expect(line(f, 'mount', 'fit')!.state).to.equal('stop');
			}),
			{ numRuns: 30 }
		));
	it('a thread that running would loosen is a stop', () => {
		const nut = {
			...worked('mount.thread'),
			mount: {
				...MOUNT,
				retention: 'single-nut' as const,
				screwCount: null,
				torqueNm: null,
				screwDiameterMm: null
			}
		};
		const states = (['left', 'right'] as const).map(
			(threadHand) =>
				line(did({ ...nut, mount: { ...nut.mount, threadHand } }, 'mount', 'thread'), 'mount', 'thread')!
					.state
		);
		expect(states).to.have.members(['ok', 'stop']);
		const turned = (['left', 'right'] as const).map(
			(threadHand) =>
				line(
					did(
						{ ...nut, machine: { ...nut.machine, rotation: 'ccw' }, mount: { ...nut.mount, threadHand } },
						'mount',
						'thread'
					),
					'mount',
					'thread'
				)!.state
		);
		expect(turned, 'the other way round, the other hand').to.deep.equal([...states].reverse());
	});
	it('is not tightened by saying no', () => {
		faults('inconsistent', 'done', () => did(worked('mount.tighten'), 'mount', 'tighten', { done: false }));
		expect(
			out(worked('run-in.start'), 'tighten').screwCount ??
				recordOf(worked('run-in.start'), 'mount', 'tighten')!.input.screwCount
		).to.equal(6);
	});
});
