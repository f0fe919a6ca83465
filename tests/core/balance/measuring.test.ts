import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

const DEG = Math.PI / 180;
type Judged = { verdict: string; reasons: { code: string }[] };
const run = <T>(id: string, input: object): T & Judged => calculation(id).run(input) as never;
const codes = (o: Judged) => o.reasons.map((r) => r.code);
const deg = fc.integer({ min: 0, max: 359 });
const amount = fc.integer({ min: 50, max: 900 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
type Found = { unbalanceGmm: number; heavyAngleDeg: number; lightAngleDeg: number };

describe('balance.level-stand and balance.slope-error', () => {
	const frame = { footSpacingMm: 420, footDepthMm: 310, screwPitchMm: 1.5 };
	interface Level {
		slopeXMmPerM: number;
		levelErrorMmPerM: number;
		adjustments: { foot: string; direction: string; turn: string; heightMm: number; turns: number }[];
	}
	it('turning the level end for end takes its own fault out, whatever it is', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -3, max: 3, noNaN: true }),
				fc.double({ min: -3, max: 3, noNaN: true }),
				fc.double({ min: -2, max: 2, noNaN: true }),
				(x, y, eps) => {
					const out = run<Level>('balance.level-stand', {
						xForwardMmPerM: x + eps,
						xReversedMmPerM: x - eps,
						yForwardMmPerM: y + eps,
						...frame
					});
					expect(out.slopeXMmPerM).to.be.closeTo(x, 1e-9);
					expect(out.levelErrorMmPerM).to.be.closeTo(eps, 1e-9);
					const [first, second] = out.adjustments;
					if (Math.abs(x) > 0.0501)
						expect(first).to.deep.include({ foot: x > 0 ? 'A' : 'B', direction: 'raise' });
					if (Math.abs(y) > 0.0501)
						expect(second).to.deep.include({ foot: 'C', direction: y < 0 ? 'raise' : 'lower' });
					expect(first!.turns * 1.5).to.be.closeTo(first!.heightMm, 1e-9);
				}
			)
		));
	it('says when nothing is to be turned and when the level was not checked', () => {
		const out = run<Level>('balance.level-stand', { xForwardMmPerM: 0.02, yForwardMmPerM: -0.03, ...frame });
		expect(out.adjustments.map((a) => a.direction)).to.deep.equal(['none', 'none']);
		expect(codes(out)).to.deep.equal(['level-not-checked']);
		refuses(
			'balance.level-stand',
			{ xForwardMmPerM: 0.02, yForwardMmPerM: 60, ...frame },
			'yForwardMmPerM',
			'above-maximum'
		);
	});
	it('the steepest slope allowed fakes exactly its share', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 2, max: 60 }),
				fc.integer({ min: 20, max: 400 }),
				(massKg, allowedGmm) => {
					const max = run<{ maxSlopeMmPerM: number }>('balance.slope-error', {
						massKg,
						arborRadiusMm: 15,
						slopeMmPerM: 0,
						allowedGmm
					}).maxSlopeMmPerM;
					const out = run<{ fakedUnbalanceGmm: number }>('balance.slope-error', {
						massKg,
						arborRadiusMm: 15,
						slopeMmPerM: max,
						allowedGmm
					});
					expect(out.fakedUnbalanceGmm).to.be.closeTo(0.25 * allowedGmm, 1e-6 * allowedGmm);
				}
			)
		));
	it('a wheel rolls off a slope that fakes more than it has; discs do not roll', () => {
		expect(
			codes(run('balance.slope-error', { massKg: 11, arborRadiusMm: 15, slopeMmPerM: 3, unbalanceGmm: 240 }))
		).to.deep.equal(['wheel-rolls-off']);
		expect(
			run('balance.slope-error', {
				massKg: 11,
				arborRadiusMm: 15,
				slopeMmPerM: 3,
				unbalanceGmm: 240,
				standType: 'discs'
			})
		).to.deep.include({ fakedUnbalanceGmm: 0, headingErrorDeg: 0, maxSlopeMmPerM: null, verdict: 'ok' });
	});
});

describe('the stand and what is read off it', () => {
	const body = { massKg: 8, inertiaKgM2: 0.08, arborRadiusMm: 12 };
	interface Run extends Judged {
		settled: boolean;
		restAngleDeg: number;
		turnings: { timeS: number; bottomAngleDeg: number }[];
		deadBandDeg: number;
		travelMm: number;
		periodS: number | null;
	}
	const roll = (more: object) =>
		run<Run>('balance.simulate-stand', {
			...body,
			unbalanceGmm: 400,
			heavyAngleDeg: 0,
			startBottomAngleDeg: 40,
			...more
		});
	it('rests within its dead band of the heavy side', () =>
		fc.assert(
			fc.property(amount, deg, deg, (unbalanceGmm, heavyAngleDeg, startBottomAngleDeg) => {
				const out = roll({ unbalanceGmm, heavyAngleDeg, startBottomAngleDeg });
				// Let go close to the top, friction may hold it there.
				fc.pre(apart(heavyAngleDeg, startBottomAngleDeg) < 179 - out.deadBandDeg);
				expect(out.settled).to.equal(true);
				expect(apart(out.restAngleDeg, heavyAngleDeg)).to.be.at.most(out.deadBandDeg + 1e-6);
			}),
			{ numRuns: 40 }
		));
	it('from-period and from-marks read back what was hidden, within a hundredth', () =>
		fc.assert(
			fc.property(amount, deg, fc.integer({ min: 20, max: 50 }), (unbalanceGmm, heavyAngleDeg, away) => {
				const out = roll({
					unbalanceGmm,
					heavyAngleDeg,
					startBottomAngleDeg: heavyAngleDeg + away,
					stepS: 0.01
				});
				fc.pre(out.turnings.length >= 5);
				const marks = out.turnings.slice(0, 5).map((t) => t.bottomAngleDeg);
				const three = run<Found>('balance.from-period', {
					...body,
					timeS: out.periodS,
					turningAnglesDeg: marks.slice(0, 3)
				});
				const many = run<Found>('balance.from-marks', {
					...body,
					timeS: out.turnings[4]!.timeS - out.turnings[0]!.timeS,
					turningAnglesDeg: marks,
					readErrorDeg: 0.1
				});
				for (const found of [three, many]) {
					expect(Math.abs(found.unbalanceGmm / unbalanceGmm - 1)).to.be.below(0.01);
					expect(apart(found.heavyAngleDeg, heavyAngleDeg)).to.be.below(0.5);
				}
			}),
			{ numRuns: 40 }
		));
	it('everything turned, the answer turns', () =>
		fc.assert(
			fc.property(deg, (by) => {
				const marks = [96, 172, 104, 164, 112];
				const at = (shift: number) =>
					run<Found>('balance.from-marks', {
						massKg: 8.2,
						inertiaKgM2: 0.078,
						arborRadiusMm: 14,
						turningAnglesDeg: marks.map((m) => m + shift),
						timeS: 38.6
					});
				expect(at(by).unbalanceGmm).to.be.closeTo(at(0).unbalanceGmm, 1e-6);
				expect(apart(at(by).heavyAngleDeg, at(0).heavyAngleDeg + by)).to.be.below(1e-6);
			})
		));
	it('refuses marks that are no swing and names the one', () => {
		const good = { massKg: 8.2, inertiaKgM2: 0.078, arborRadiusMm: 14, timeS: 30 };
		refuses(
			'balance.from-marks',
			{ ...good, turningAnglesDeg: [96, 172, 180] },
			'turningAnglesDeg.2',
			'not-a-swing'
		);
		refuses(
			'balance.from-marks',
			{ ...good, turningAnglesDeg: [96, 130, 40] },
			'turningAnglesDeg.2',
			'not-a-swing'
		);
		refuses('balance.from-marks', { ...good, turningAnglesDeg: [96, 130] }, 'turningAnglesDeg', 'too-few');
	});
	it('does not move where friction holds it, and says when it runs off its rails', () => {
		expect(roll({ startBottomAngleDeg: 0 })).to.deep.include({
			settled: true,
			turningCount: 0,
			periodS: null
		});
		expect(codes(roll({ startBottomAngleDeg: 120, railHalfLengthMm: 5 }))).to.deep.equal(['runs-off-rails']);
		expect(codes(roll({ maxTimeS: 1 }))).to.deep.equal(['not-settled']);
		refuses(
			'balance.simulate-stand',
			{ ...body, unbalanceGmm: 1e7, heavyAngleDeg: 0, startBottomAngleDeg: 40 },
			'unbalanceGmm',
			'above-maximum'
		);
		refuses(
			'balance.simulate-stand',
			{ ...body, unbalanceGmm: 400, heavyAngleDeg: 0, startBottomAngleDeg: 40, standType: 'discs' },
			'discRadiusMm',
			'missing'
		);
	});
	it('a level wheel on discs does not travel', () =>
		expect(roll({ standType: 'discs', discRadiusMm: 60, discInertiaKgM2: 0.001 }).travelMm).to.equal(0));
});

describe('a test mass', () => {
	it('two rests or more give back what is there', () =>
		fc.assert(
			fc.property(
				amount,
				deg,
				fc.integer({ min: 30, max: 150 }),
				fc.integer({ min: 1, max: 6 }),
				(U, heavy, off, massG) => {
					const rest = (w: number, at: number) =>
						Math.atan2(
							U * Math.sin(heavy * DEG) + w * Math.sin(at * DEG),
							U * Math.cos(heavy * DEG) + w * Math.cos(at * DEG)
						) / DEG;
					const runs = [
						{ massG: 0, restAngleDeg: rest(0, 0) },
						{ massG, radiusMm: 95, angleDeg: heavy + off, restAngleDeg: rest(massG * 95, heavy + off) },
						{ massG, radiusMm: 95, angleDeg: heavy - off, restAngleDeg: rest(massG * 95, heavy - off) }
					];
					fc.pre(apart(runs[1]!.restAngleDeg, heavy) > 3);
					const out = run<Found & { frictionGmm: number }>('balance.from-test-mass', {
						method: 'rest-angles',
						runs
					});
					expect(out.unbalanceGmm).to.be.closeTo(U, 1e-4 * U);
					expect(apart(out.heavyAngleDeg, heavy)).to.be.below(1e-3);
					expect(out.frictionGmm).to.be.below(1e-3 * U);
				}
			)
		));
	it('says what is missing and what tells nothing', () => {
		refuses(
			'balance.from-test-mass',
			{ method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 3.4 },
			'holdHighMassG',
			'missing'
		);
		refuses(
			'balance.from-test-mass',
			{ method: 'hold', heavyAngleDeg: 72, radiusMm: 95, holdLowMassG: 4.4, holdHighMassG: 4 },
			'holdLowMassG',
			'above-maximum'
		);
		refuses('balance.from-test-mass', { method: 'rest-angles' }, 'runs', 'missing');
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 1 },
					{ massG: 0, restAngleDeg: 90 }
				]
			},
			'runs',
			'no-test-mass'
		);
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 72 },
					{ massG: 4, radiusMm: 95, angleDeg: 72, restAngleDeg: 72 }
				]
			},
			'runs',
			'no-information'
		);
		refuses(
			'balance.from-test-mass',
			{
				method: 'rest-angles',
				runs: [
					{ massG: 0, restAngleDeg: 72 },
					{ massG: 4, radiusMm: 95, restAngleDeg: 118 }
				]
			},
			'runs.1.angleDeg',
			'missing'
		);
		expect(
			codes(
				run('balance.from-test-mass', {
					method: 'hold',
					heavyAngleDeg: 72,
					radiusMm: 95,
					holdLowMassG: 0,
					holdHighMassG: 4
				})
			)
		).to.deep.equal(['stand-too-stiff']);
	});
});

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

describe('balance.update-estimate', () => {
	type Est = Found & {
		sigmaMajorGmm: number;
		sigmaMinorGmm: number;
		innovations: number[];
		presentUnbalanceGmm: number;
	};
	const release = (more: object) => ({ sigmaMomentGmm: 20, ...more });
	it('never becomes less certain, and turning everything turns the answer', () =>
		fc.assert(
			fc.property(
				fc.array(fc.record({ restAngleDeg: deg, amount }), { minLength: 1, maxLength: 6 }),
				deg,
				(list, by) => {
					const at = (n: number, turn: number) =>
						run<Est>('balance.update-estimate', {
							observations: list.slice(0, n).map((o) =>
								release({
									restAngleDeg: o.restAngleDeg + turn,
									unbalanceGmm: o.amount,
									sigmaUnbalanceGmm: 30
								})
							)
						});
					for (let n = 2; n <= list.length; n++)
						expect(at(n, 0).sigmaMajorGmm).to.be.at.most(at(n - 1, 0).sigmaMajorGmm + 1e-6);
					const [one, other] = [at(list.length, 0), at(list.length, by)];
					expect(other.unbalanceGmm).to.be.closeTo(one.unbalanceGmm, 1e-4 * (1 + one.unbalanceGmm));
				}
			)
		));
	it('a wheel that stays is balanced by the weights that are on it', () => {
		const out = run<Est>('balance.update-estimate', {
			observations: [release({ stays: true, weights: [{ massG: 5, radiusMm: 60, angleDeg: 200 }] })]
		});
		expect(out.unbalanceGmm).to.be.closeTo(300, 0.1);
		expect(apart(out.heavyAngleDeg, 20)).to.be.below(0.1);
		expect(out.presentUnbalanceGmm).to.be.below(0.1);
	});
	it('finds out a release that does not fit, and names what is missing', () => {
		const seen = (heavy: number) =>
			release({ restAngleDeg: heavy, unbalanceGmm: 400, sigmaUnbalanceGmm: 20 });
		expect(
			codes(run('balance.update-estimate', { observations: [seen(10), seen(12), seen(200)] }))
		).to.include('surprise');
		refuses(
			'balance.update-estimate',
			{ observations: [release({})] },
			'observations.0.restAngleDeg',
			'missing'
		);
		refuses(
			'balance.update-estimate',
			{ observations: [release({ restAngleDeg: 3, unbalanceGmm: 100 })] },
			'observations.0.sigmaUnbalanceGmm',
			'missing'
		);
		refuses('balance.update-estimate', { observations: [] }, 'observations', 'too-few');
	});
});
