import { expect } from 'chai';
import fc from 'fast-check';
import { amountKnown } from '../../../src/core/route/stations/balance/conclude.js';
import { presentOf } from '../../../src/core/route/stations/balance/move.js';
import { trackOf } from '../../../src/core/route/stations/balance/track.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { current, did, faults, line, weightsMoved, recordOf } from '../../shared/setup-in-memory.js';
import { atBalance, backOnSpindle, onSpindle, permissible, found, estimate } from './at-balance.js';

const away = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);

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
		expect(current(quiet), 'it is still on the stand').to.equal('balance');
		expect(current(backOnSpindle(quiet))).to.equal('dress');
	});
	it('a rest everywhere does not overrule a measurement over the limit', () => {
		const over = did(atBalance(), 'balance', 'swing', { timeS: 6, restAngleDeg: 190 });
		expect(line(over, 'balance', 'inside')!.state).to.not.equal('ok');
		faults('missing', 'changed', () => did(over, 'balance', 'stays'));
		const said = did(over, 'balance', 'stays', { changed: 'a balance screw had come loose, drawn tight' });
		expect(line(said, 'balance', 'inside')!.value).to.match(/^at most .*what the stand can feel/);
	});
	it('what is shown of a rest everywhere is a bound, and called one', () => {
		const quiet = did(atBalance(), 'balance', 'stays');
		expect(line(quiet, 'balance', 'inside')!.value).to.match(/^at most /);
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
						did(onSpindle(), 'balance', 'phase', {
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
						did(onSpindle(), 'balance', 'runs', {
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
