import { expect } from 'chai';
import fc from 'fast-check';
import { amountKnown, lastEstimate } from '../../../src/core/route/stations/balance/conclude.js';
import { hiddenFromHead } from '../../../src/core/route/stations/balance/own-balancer.js';
import { presentOf } from '../../../src/core/route/stations/balance/move.js';
import { trackOf } from '../../../src/core/route/stations/balance/track.js';
import {
	ROLLING_ARM_MM,
	frictionGmm,
	rollingMassKg,
	toleranceFor
} from '../../../src/core/route/stations/balance/tolerance.js';
import type { SetupFacts } from '../../../src/core/route/facts.js';
import {
	MOUNT,
	current,
	did,
	faults,
	line,
	weightsMoved,
	worked,
	recordOf
} from '../../shared/setup-in-memory.js';

const atBalance = () => worked('balance.swing');
const permissible = (f: SetupFacts) => toleranceFor(f, null).output.permissibleGmm as number;
const found = (f: SetupFacts, step: string, calculation: string) =>
	recordOf(f, 'balance', step, calculation)!.output as Record<string, number>;
const estimate = (f: SetupFacts) => lastEstimate(f)!.output;
const away = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
const noTrack = (f: SetupFacts): SetupFacts => ({
	...f,
	mount: { ...MOUNT, trackRadiusMm: null, weightCount: 0, weightMassG: null }
});

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

describe('Balance: every way of measuring', () => {
	it('judges against the grade, learns, and tells where the weights go', () => {
		const f = did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 });
		expect(f.records.slice(-4).map((r) => r.calculation)).to.deep.equal([
			'balance.tolerance',
			'balance.from-period',
			'balance.update-estimate',
			'balance.weights'
		]);
		expect(line(f, 'balance', 'inside')!.value).to.match(/g·mm, limit/);
		expect(current(f)).to.equal('balance');
	});
	it('one swing, one move, one quiet roll: balanced', () => {
		const moved = weightsMoved(did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 }));
		expect(line(moved, 'balance', 'second')).to.include({
			state: 'open',
			value: 'roll again after the move'
		});
		expect(found(moved, 'move', 'balance.weights').setResidualGmm).to.be.below(permissible(moved));
		expect(presentOf(moved).unbalanceGmm).to.be.closeTo(
			found(moved, 'move', 'balance.weights').setResidualGmm!,
			1e-6
		);
		const quiet = did(moved, 'balance', 'stays');
		expect(line(quiet, 'balance', 'second')).to.include({ state: 'ok', title: 'Second roll agrees' });
		expect(current(quiet)).to.equal('dress');
	});
	it('a roll that is still out after the move keeps the station open', () => {
		const moved = weightsMoved(did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 }));
		const still = did(moved, 'balance', 'swing', { timeS: 14, restAngleDeg: 20 });
		expect(current(still)).to.equal('balance');
		expect(line(still, 'balance', 'second')!.state).to.equal('open');
	});
	it('where it rests alone tells a direction, not yet an amount, and sends the weights aside', () => {
		const f = did(atBalance(), 'balance', 'rest', { restAngleDeg: 75 });
		expect(line(f, 'balance', 'inside')!.value).to.equal('direction known, amount not yet');
		expect(amountKnown(f, estimate(f) as never)).to.equal(false);
		const aside = found(f, 'rest', 'balance.weights');
		expect(recordOf(f, 'balance', 'rest', 'balance.weights')!.input.unbalanceGmm as number).to.be.above(0);
		expect(aside.residualGmm).to.be.a('number');
		expect(did(f, 'balance', 'rest', { restAngleDeg: 75 }).records.at(-1)!.calculation).to.equal(
			'balance.weights'
		);
	});
	it('rests before and after a known move together give the amount', () => {
		const hidden = { um: 2400, at: 75 };
		const heavy = (f: SetupFacts) => {
			const sum = trackOf(f)!.weights.reduce(
				(v, w) => [
					v[0]! + w.massG * 55 * Math.cos((w.angleDeg * Math.PI) / 180),
					v[1]! + w.massG * 55 * Math.sin((w.angleDeg * Math.PI) / 180)
				],
				[hidden.um * Math.cos((hidden.at * Math.PI) / 180), hidden.um * Math.sin((hidden.at * Math.PI) / 180)]
			);
			return {
				angle: ((Math.atan2(sum[1]!, sum[0]!) * 180) / Math.PI + 360) % 360,
				size: Math.hypot(sum[0]!, sum[1]!)
			};
		};
		let f = did(atBalance(), 'balance', 'rest', { restAngleDeg: heavy(atBalance()).angle });
		let rolls = 1;
		while (heavy(f).size > permissible(f) && rolls < 8) {
			f = weightsMoved(f);
			if (heavy(f).size > permissible(f)) f = did(f, 'balance', 'rest', { restAngleDeg: heavy(f).angle });
			rolls++;
		}
		expect(heavy(f).size, `after ${rolls} rolls`).to.be.at.most(permissible(f));
		expect(rolls).to.be.at.most(5);
	});
	it('three turning marks give the rest angle themselves; without them it is asked for', () => {
		faults('missing', 'restAngleDeg', () => did(atBalance(), 'balance', 'swing', { timeS: 16 }));
		const f = did(atBalance(), 'balance', 'swing', { timeS: 16, turningAnglesDeg: [100, 260, 120] });
		expect(away(found(f, 'swing', 'balance.from-period').heavyAngleDeg!, 185)).to.be.below(10);
	});
	it('forgets earlier rolls when told that something slipped, and only then', () => {
		const first = did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 });
		const observed = (f: SetupFacts) =>
			(recordOf(f, 'balance', 'swing', 'balance.update-estimate')!.input.observations as unknown[]).length;
		expect(observed(did(first, 'balance', 'swing', { timeS: 16, restAngleDeg: 190 }))).to.equal(2);
		const afresh = did(first, 'balance', 'swing', { timeS: 12, restAngleDeg: 30, afresh: true });
		expect(observed(afresh)).to.equal(1);
		expect(away(estimate(afresh).heavyAngleDeg!, 30)).to.be.below(1);
	});
	it('agrees with itself: the same wheel told by two ways is known better than by one', () => {
		const one = did(atBalance(), 'balance', 'swing', { timeS: 16, restAngleDeg: 190 });
		const U = found(one, 'swing', 'balance.from-period').unbalanceGmm!;
		const both = did(one, 'balance', 'mass', {
			method: 'hold',
			heavyAngleDeg: 190,
			radiusMm: 55,
			holdLowMassG: (0.98 * U) / 55,
			holdHighMassG: (1.02 * U) / 55
		});
		expect(estimate(both).sigmaMajorGmm).to.be.below(estimate(one).sigmaMajorGmm!);
		expect(estimate(both).unbalanceGmm).to.be.closeTo(U, 0.1 * U);
	});
	it('vibration with phase and three trials find the same unbalance', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1500, max: 6000, noNaN: true }),
				fc.integer({ min: 0, max: 359 }),
				(U, at) => {
					const K = 0.001,
						trialG = 40,
						radiusMm = 60;
					const sum = (angle: number): [number, number] => {
						const t = trialG * radiusMm;
						const x = U * Math.cos((at * Math.PI) / 180) + t * Math.cos((angle * Math.PI) / 180),
							y = U * Math.sin((at * Math.PI) / 180) + t * Math.sin((angle * Math.PI) / 180);
						return [K * Math.hypot(x, y), ((Math.atan2(y, x) * 180) / Math.PI + 360) % 360];
					};
					const [trialMmPerS, trialPhaseAngleDeg] = sum(0);
					const phase = found(
						did(atBalance(), 'balance', 'phase', {
							initialMmPerS: K * U,
							initialPhaseAngleDeg: at,
							trialMassG: trialG,
							trialRadiusMm: radiusMm,
							trialAngleDeg: 0,
							trialMmPerS,
							trialPhaseAngleDeg,
							phaseSense: 'with'
						}),
						'phase',
						'balance.influence'
					);
					expect(phase.unbalanceGmm).to.be.closeTo(U, 1e-6 * U);
					expect(away(phase.heavyAngleDeg!, at)).to.be.below(1e-6);
					const runs = found(
						did(atBalance(), 'balance', 'runs', {
							initialMmPerS: K * U,
							trialMassG: trialG,
							trialRadiusMm: radiusMm,
							runs: [0, 120, 240].map((angleDeg) => ({ angleDeg, mmPerS: sum(angleDeg)[0] }))
						}),
						'runs',
						'balance.three-runs'
					);
					expect(runs.unbalanceGmm).to.be.closeTo(U, 1e-6 * U);
					expect(away(runs.heavyAngleDeg!, at)).to.be.below(1e-6);
				}
			),
			{ numRuns: 30 }
		));
});

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

describe("Balance: the stand and the machine's own balancer", () => {
	it('what a slope pretends to be is judged against the grade of this wheel', () => {
		const level = (x: number) =>
			did(atBalance(), 'balance', 'level', {
				xForwardMmPerM: x,
				xReversedMmPerM: x,
				yForwardMmPerM: 0,
				yReversedMmPerM: 0,
				footSpacingMm: 400,
				footDepthMm: 300,
				screwPitchMm: 1.5,
				raiseTurn: 'clockwise',
				rollsAlong: 'x'
			});
		expect(line(level(0), 'balance', 'level')).to.include({ state: 'ok' });
		expect(found(level(0.4), 'level', 'balance.slope-error').fakedUnbalanceGmm).to.be.above(
			found(level(0.1), 'level', 'balance.slope-error').fakedUnbalanceGmm!
		);
		expect(recordOf(level(0.1), 'balance', 'level', 'balance.slope-error')!.input.allowedGmm).to.be.closeTo(
			permissible(atBalance()),
			1e-9
		);
	});
	it('the stand-in hides the same wheel from everybody, and brings it inside', () => {
		expect(hiddenFromHead(atBalance())).to.deep.equal(hiddenFromHead(worked('dress.position')));
		expect(hiddenFromHead({ ...atBalance(), id: 8 }).heavyAngleDeg).to.not.equal(
			hiddenFromHead(atBalance()).heavyAngleDeg
		);
		const f = did(atBalance(), 'balance', 'auto', { standIn: true });
		expect(current(f)).to.equal('dress');
	});
	it('a real one tells how it shakes and what a gram millimetre does', () => {
		faults('missing', 'residualMmPerS', () => did(atBalance(), 'balance', 'auto', { standIn: false }));
		faults('missing', 'sensitivityMmPerSPerGmm', () =>
			did(atBalance(), 'balance', 'auto', { standIn: false, residualMmPerS: 0.2 })
		);
		const f = did(atBalance(), 'balance', 'auto', {
			standIn: false,
			residualMmPerS: 0.2,
			sensitivityMmPerSPerGmm: 0.001
		});
		expect(recordOf(f, 'balance', 'auto', 'balance.tolerance')!.input.unbalanceGmm).to.be.closeTo(200, 1e-9);
	});
});
