import { expect } from 'chai';
import { presentOf } from '../../../src/core/route/stations/balance/move.js';
import { did, faults, line } from '../../shared/setup-in-memory.js';
import { atBalance, noTrack, found, estimate } from './at-balance.js';

describe('Balance: the move', () => {
	const measured = () => did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 });
	it('is kept as it was set, not as it was advised, with what is left for those places', () => {
		const f = did(measured(), 'balance', 'move', { anglesDeg: [0, 120, 240] });
		const move = found(f, 'move', 'balance.weights');
		expect(move.setAnglesDeg).to.deep.equal([0, 120, 240]);
		expect(move.setResidualGmm).to.be.closeTo(estimate(measured()).unbalanceGmm!, 1e-6);
		expect(move.setResidualGmm).to.be.above(move.residualGmm!);
	});
	it('wants one angle for each weight, and a measurement before it', () => {
		faults('too-few', 'anglesDeg', () => did(measured(), 'balance', 'move', { anglesDeg: [0, 120] }));
		faults('too-many', 'anglesDeg', () =>
			did(measured(), 'balance', 'move', { anglesDeg: [0, 120, 240, 300] })
		);
		faults('inconsistent', 'anglesDeg', () =>
			did(atBalance(), 'balance', 'move', { anglesDeg: [0, 120, 240] })
		);
		faults('inconsistent', 'anglesDeg', () =>
			did(noTrack(measured()), 'balance', 'move', { anglesDeg: [0, 120, 240] })
		);
	});
	it('screws in holes lessen what is left, and a roll has to confirm them', () => {
		const before = presentOf(measured()).unbalanceGmm;
		const f = did(measured(), 'balance', 'holes', {
			holeRadiusMm: 50,
			holeCount: 12,
			startAngleDeg: 0,
			maxMassG: 60,
			massStepG: 1
		});
		expect(found(f, 'holes', 'balance.holes').residualGmm).to.be.below(before);
		expect(line(f, 'balance', 'second')!.value).to.equal('roll again after the move');
	});
	it('dimples are never recorded against a stop: no consent, too many, too deep, too near the rim', () => {
		const small = did(atBalance(), 'balance', 'swing', { timeS: 45, restAngleDeg: 190 });
		const slow = { ...small, machine: { ...small.machine, spindleRpm: 1800 } };
		const drilled = (more: object, f = slow) =>
			did(f, 'balance', 'dimples', {
				drillDiameterMm: 10,
				pointAngleDeg: 118,
				depthMm: 3,
				radiusMm: 100,
				makerConsent: true,
				...more
			});
		expect(drilled({}).records.at(-1)!.input).to.include({ makerConsent: true, bond: 'vitrified' });
		expect(line(drilled({}), 'balance', 'second')!.value).to.equal('roll again after the move');
		for (const [code, more] of [
			['no-maker-consent', { makerConsent: false }],
			['dimple-too-deep', { depthMm: 6 }],
			['dimple-outside-zone', { radiusMm: 140 }]
		] as const)
			expect(() => drilled(more), code).to.throw(code);
		expect(() => drilled({}, measured()), 'too heavy for it').to.throw('too-many-dimples');
		expect(
			() => drilled({}, { ...small, machine: { ...small.machine, spindleRpm: 2400 } }),
			'36.4 m/s'
		).to.throw('not-at-this-speed');
	});
	it('screws are not booked where the holes cannot do it', () => {
		expect(() =>
			did(measured(), 'balance', 'holes', {
				holeRadiusMm: 50,
				holeCount: 12,
				startAngleDeg: 0,
				maxMassG: 1,
				massStepG: 0.1
			})
		).to.throw('capacity-exceeded');
		expect(() =>
			did(measured(), 'balance', 'holes', {
				holeRadiusMm: 50,
				holeCount: 1,
				startAngleDeg: 190,
				maxMassG: 100,
				massStepG: 0.1
			})
		).to.throw('no-holes-that-side');
	});
});
