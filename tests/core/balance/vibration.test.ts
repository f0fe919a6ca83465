import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';

const DEG = Math.PI / 180;
const deg = fc.integer({ min: 0, max: 359 });
const amount = fc.integer({ min: 50, max: 900 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
type Found = { unbalanceGmm: number; heavyAngleDeg: number; lightAngleDeg: number };

describe('vibration', () => {
	const plane = { trialMassG: 6, trialRadiusMm: 70 };
	it('with phase: reads back any unbalance on any machine, and the correction cancels it', () =>
		fc.assert(
			fc.property(amount, deg, deg, deg, fc.boolean(), (U, heavy, trialAngleDeg, turn, trialRemoved) => {
				const h = 0.005;
				const seen = (x: number, y: number) => ({
					a: h * Math.hypot(x, y),
					p: Math.atan2(y, x) / DEG + turn
				});
				const [ux, uy] = [U * Math.cos(heavy * DEG), U * Math.sin(heavy * DEG)];
				const one = seen(ux, uy),
					two = seen(ux + 420 * Math.cos(trialAngleDeg * DEG), uy + 420 * Math.sin(trialAngleDeg * DEG));
				const out = run<Found & { correctionGmm: number; correctionAngleDeg: number }>('balance.influence', {
					...plane,
					initialMmPerS: one.a,
					initialPhaseAngleDeg: one.p,
					trialMmPerS: two.a,
					trialPhaseAngleDeg: two.p,
					trialAngleDeg,
					trialRemoved
				});
				expect(out.unbalanceGmm).to.be.closeTo(U, 1e-6 * U);
				expect(apart(out.heavyAngleDeg, heavy)).to.be.below(1e-4);
				const on = trialRemoved ? 0 : 420;
				const left = [
					ux +
						on * Math.cos(trialAngleDeg * DEG) +
						out.correctionGmm * Math.cos(out.correctionAngleDeg * DEG),
					uy + on * Math.sin(trialAngleDeg * DEG) + out.correctionGmm * Math.sin(out.correctionAngleDeg * DEG)
				];
				expect(Math.hypot(left[0]!, left[1]!)).to.be.below(1e-4 * U);
			})
		));
	it('without phase: three places give it back, and the run as it is closes it', () =>
		fc.assert(
			fc.property(amount, deg, deg, (U, heavy, first) => {
				const h = 0.004;
				const amp = (at: number | null) =>
					h *
					Math.hypot(
						U * Math.cos(heavy * DEG) + (at === null ? 0 : 400 * Math.cos(at * DEG)),
						U * Math.sin(heavy * DEG) + (at === null ? 0 : 400 * Math.sin(at * DEG))
					);
				const out = run<Found & { closureRatio: number }>('balance.three-runs', {
					initialMmPerS: amp(null),
					trialMassG: 5,
					trialRadiusMm: 80,
					runs: [0, 120, 240].map((a) => ({ angleDeg: first + a, mmPerS: amp(first + a) }))
				});
				expect(out.unbalanceGmm).to.be.closeTo(U, 1e-4 * U);
				expect(apart(out.heavyAngleDeg, heavy)).to.be.below(1e-2);
				expect(out.closureRatio).to.be.closeTo(1, 1e-6);
			})
		));
	it('a trial that changes nothing, runs that contradict or see nothing, and too much of it', () => {
		const ran = {
			...plane,
			initialMmPerS: 2,
			initialPhaseAngleDeg: 10,
			trialMmPerS: 2,
			trialPhaseAngleDeg: 10,
			trialAngleDeg: 0
		};
		refuses('balance.influence', ran, 'trialMmPerS', 'no-effect');
		expect(codes(run('balance.influence', { ...ran, trialMmPerS: 2.1 }))).to.deep.equal([
			'trial-effect-small'
		]);
		expect(codes(run('balance.influence', { ...ran, trialMmPerS: 8 }))).to.include('vibration-too-high');
		const three = { initialMmPerS: 2, trialMassG: 5, trialRadiusMm: 80 };
		refuses(
			'balance.three-runs',
			{ ...three, runs: [0, 1, 2].map((angleDeg) => ({ angleDeg, mmPerS: 2.5 })) },
			'runs',
			'no-information'
		);
		refuses(
			'balance.three-runs',
			{ ...three, runs: [0, 120, 240].map((angleDeg) => ({ angleDeg, mmPerS: 1 })) },
			'runs',
			'inconsistent'
		);
		refuses('balance.three-runs', { ...three, runs: [{ angleDeg: 0, mmPerS: 1 }] }, 'runs', 'too-few');
		expect(
			codes(
				run('balance.three-runs', {
					...three,
					initialMmPerS: 1,
					runs: [
						{ angleDeg: 0, mmPerS: 2.9 },
						{ angleDeg: 120, mmPerS: 2.6 },
						{ angleDeg: 240, mmPerS: 0.75 }
					]
				})
			)
		).to.deep.equal(['inconsistent-readings']);
	});
	it('the head never makes it worse, and says when it cannot', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 900 }), deg, (unbalanceGmm, heavyAngleDeg) => {
				const out = run<{ startMmPerS: number; residualMmPerS: number; converged: boolean }>('balance.auto', {
					unbalanceGmm,
					heavyAngleDeg,
					massGmm: 260,
					sensitivityMmPerSPerGmm: 0.005
				});
				expect(out.residualMmPerS).to.be.at.most(out.startMmPerS + 1e-9);
				if (unbalanceGmm > 530) expect(codes(out)).to.deep.equal(['capacity-exceeded']);
			})
		));
});
