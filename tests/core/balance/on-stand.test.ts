import { type Judged, codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';
const deg = fc.integer({ min: 0, max: 359 });
const amount = fc.integer({ min: 50, max: 900 });
const apart = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);
type Found = { unbalanceGmm: number; heavyAngleDeg: number; lightAngleDeg: number };

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
