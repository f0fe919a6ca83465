import { expect } from 'chai';
import { trackOf } from '../../../src/core/route/stations/balance/track.js';
import {
	ROLLING_ARM_MM,
	frictionGmm,
	rollingMassKg
} from '../../../src/core/route/stations/balance/tolerance.js';
import { MOUNT, did, faults } from '../../shared/setup-in-memory.js';
import { atBalance, noTrack } from './at-balance.js';

describe('Balance: what the shop already knows', () => {
	it('rolls the wheel as it is now with its mount, and hides a friction with it', () => {
		const f = atBalance();
		const share = (289.8 ** 2 - 76.2 ** 2) / (300 ** 2 - 76.2 ** 2);
		expect(rollingMassKg(f)).to.be.closeTo(4.6 * share + MOUNT.massKg, 1e-9);
		expect(frictionGmm(f)).to.be.closeTo(1000 * rollingMassKg(f) * ROLLING_ARM_MM, 1e-9);
	});
	it('the weights stand evenly round the track until somebody says otherwise, then as last moved', () => {
		expect(trackOf(atBalance())!.weights.map((w) => w.angleDeg)).to.deep.equal([0, 120, 240]);
		const told = did(atBalance(), 'balance', 'track', {
			weights: [
				{ massG: 50, angleDeg: 10 },
				{ massG: 62, angleDeg: -90 }
			],
			minGapDeg: 20,
			mayPass: true,
			forbidden: [{ fromAngleDeg: 40, toAngleDeg: 60 }]
		});
		expect(trackOf(told)).to.deep.equal({
			radiusMm: 55,
			weights: [
				{ massG: 50, angleDeg: 10 },
				{ massG: 62, angleDeg: 270 }
			],
			minGapDeg: 20,
			mayPass: true,
			forbidden: [{ fromAngleDeg: 40, toAngleDeg: 60 }]
		});
		const moved = did(did(told, 'balance', 'swing', { timeS: 16, restAngleDeg: 190 }), 'balance', 'move', {
			anglesDeg: [80, 400]
		});
		expect(trackOf(moved)!.weights.map((w) => w.angleDeg)).to.deep.equal([80, 40]);
		expect(
			trackOf(
				did(moved, 'balance', 'track', {
					weights: [
						{ massG: 50, angleDeg: 1 },
						{ massG: 62, angleDeg: 2 }
					],
					minGapDeg: 0
				})
			)!.weights.map((w) => w.angleDeg),
			'counted again'
		).to.deep.equal([1, 2]);
	});
	it('refuses a track that cannot hold them, and one the mount has not', () => {
		const four = Array.from({ length: 4 }, (_, i) => ({ massG: 60, angleDeg: 90 * i }));
		faults('above-maximum', 'minGapDeg', () =>
			did(atBalance(), 'balance', 'track', { weights: four, minGapDeg: 90.5 })
		);
		faults('inconsistent', 'weights', () =>
			did(noTrack(atBalance()), 'balance', 'track', { weights: four, minGapDeg: 15 })
		);
		expect(trackOf(noTrack(atBalance()))).to.equal(null);
	});
});
